<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** One experiment of a class. */
final readonly class ExperimentRow extends View
{
    /**
     * @param  'prepared'|'open'|'shown'  $state
     * @param  list<string>  $arms  by name
     */
    public function __construct(
        public int $id, public string $title, public string $food, public string $state, public array $arms, public int $weighings,
        public string $day,
    ) {
    }
}
