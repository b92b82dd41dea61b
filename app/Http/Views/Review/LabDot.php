<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** One student's weighing on the line of its ingredient. */
final readonly class LabDot extends View
{
    /**
     * @param  'level'|'heaped'|'shy'|'too-close'  $verdict
     * @param  float  $tolerances  the first try, in tolerances, signed
     * @param  float|null  $best  the best one, where it was another
     */
    public function __construct(
        public int $student_id,
        public string $verdict,
        public float $tolerances,
        public ?float $best,
    ) {
    }
}
