<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** What misses came from, and how many. */
final readonly class CauseCount extends View
{
    public function __construct(
        public string $cause,
        public string $next,
        public int $count,
    ) {
    }
}
