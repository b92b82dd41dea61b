<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

/** Where ingredient list and directions do not agree. The sentence is in the phrasebook: `finding.ID`. */
final readonly class Finding
{
    public const NEVER_USED = 'never-used';

    public const NOT_LISTED = 'not-listed';

    public const LISTED_TWICE = 'listed-twice';

    /**
     * @param  string  $kind  one of the constants
     * @param  string  $ingredient  id
     * @param  list<int>  $lines  positions in the list of ingredients
     */
    public function __construct(public string $kind, public string $ingredient, public array $lines)
    {
    }
}
