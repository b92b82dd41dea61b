<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Words\Phrase;

/** One answer to an open question of a line: what the line becomes, and what it then weighs. */
final readonly class Choice
{
    /** @param  float|null  $grams  of the line as written, at this answer; null where it has no weight */
    public function __construct(public Phrase $says, public SettledLine $line, public ?float $grams)
    {
    }
}
