<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use Hovik\Core\Review\CompetencyState;

/** Whether a student has shown a skill of the list, and by what evidence. */
final readonly class CompetencyOf extends View
{
    /**
     * @param  list<string>  $because
     */
    public function __construct(
        public int $student_id,
        public CompetencyState $state,
        public array $because,
    ) {
    }
}
