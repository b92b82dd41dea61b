<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

/** Where in a line a name of the pantry stands. */
final readonly class NameMatch
{
    /**
     * @param  int  $from  first token
     * @param  int  $length  in tokens
     * @param  string  $alias  the name as the pantry has it, plain
     * @param  bool  $spelled  true when the spelling is the pantry's
     */
    public function __construct(public string $ingredient, public int $from, public int $length, public string $alias, public bool $spelled)
    {
    }
}
