<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** A step, and how often it was seen done. */
final readonly class SeenOf extends View
{
    public function __construct(
        public string $step,
        public int $done,
        public int $all,
    ) {
    }
}
