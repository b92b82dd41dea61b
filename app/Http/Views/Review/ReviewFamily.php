<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** A family of foods in a class's term. */
final readonly class ReviewFamily extends View
{
    /**
     * @param  int|null  $first  Level at the first try, of a hundred
     * @param  int|null  $best  at the best try
     */
    public function __construct(
        public string $id,
        public int $lines,
        public ?int $first,
        public ?int $best,
    ) {
    }
}
