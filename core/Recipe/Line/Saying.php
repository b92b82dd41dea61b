<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Recipe\Measure;

/** What a saying of another language stands for. */
final readonly class Saying
{
    /**
     * @param  string  $means  in the words of the English pack
     * @param  string  $before  the word that must follow for it to say so; '' for any: 'barra' is a stick only of butter
     */
    public function __construct(public string $means, public ?Measure $measure = null, public string $before = '')
    {
    }
}
