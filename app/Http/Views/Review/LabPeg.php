<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** Something that happened at a station. */
final readonly class LabPeg extends View
{
    /**
     * @param  int  $minute  since the lab was opened
     * @param  string  $what  `weighed`, or the event
     * @param  'level'|'heaped'|'shy'|'too-close'|null  $verdict
     */
    public function __construct(
        public int $minute,
        public string $what,
        public ?string $food,
        public ?string $verdict,
    ) {
    }
}
