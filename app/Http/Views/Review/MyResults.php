<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\Marks\StudentMark;
use App\Http\Views\View;
use App\Review\ReviewedWeighing;
use App\Review\StudentReview;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Review\Cell;
use Hovik\Core\Review\Story;

/** A student's own results: their work only. */
final readonly class MyResults extends View
{
    /**
     * @param  list<ReviewRow>  $weighings  oldest first; none of an exam that is not given back
     * @param  string  $level  how often it was Level
     * @param  list<string>  $said  how they run, by what is measured
     * @param  string|null  $next  the one thing to do next
     * @param  list<string>  $aims  practice that goes with it
     * @param  list<StudentMark>  $marks  given back
     */
    public function __construct(
        public string $name,
        public array $weighings,
        public string $level,
        public array $said,
        public ?string $next,
        public array $aims,
        public array $marks,
    ) {
    }

    public static function of(StudentReview $review): self
    {
        $level = $review->level();
        $next = NextStep::of($review);
        $said = array_map(
            static fn (string $family, Cell $cell) => Story::family(Family::from($family), $cell->first),
            array_keys($review->cells), $review->cells,
        );

        return new self(
            $review->student->name,
            array_values($review->weighings->filter(static function (ReviewedWeighing $one): bool {
                $lab = $one->weighing->line->lab;

                return ! $lab->is_exam || $lab->given_back_at !== null;
            })->map(ReviewRow::of(...))->all()),
            Said::phrase(Story::level($level['lines'], $level['first'], $level['best'])),
            array_map(Said::phrase(...), array_values(array_filter($said))),
            $next->said, $next->aims, StudentMark::all($review->student, true),
        );
    }
}
