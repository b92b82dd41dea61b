<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** A skill of the school's own list, and who has shown it. */
final readonly class CompetencyRow extends View
{
    /**
     * @param  list<string>  $families  to be measured steadily
     * @param  list<string>  $skills  to be mastered in practice
     * @param  list<CompetencyOf>  $students  in the class's order
     */
    public function __construct(
        public string $code,
        public string $text,
        public array $families,
        public array $skills,
        public array $students,
    ) {
    }
}
