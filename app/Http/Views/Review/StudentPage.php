<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\Marks\StudentMark;
use App\Http\Views\View;
use App\Models\StudentNote;
use App\Review\StudentReview;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Review\Story;
use Hovik\Core\Technique\Step;

/** One student over a term. */
final readonly class StudentPage extends View
{
    /**
     * @param  int|null  $before  the student before in the class's list
     * @param  string  $level  how often it was Level
     * @param  list<ReviewRow>  $weighings  oldest first
     * @param  list<FamilyStory>  $families
     * @param  list<SeenOf>  $seen
     * @param  string|null  $next  what to do next
     * @param  list<string>  $aims  practice that goes with it
     * @param  string  $note  only teachers see it
     * @param  string|null  $language  of their sheets; null: the class's
     * @param  list<StudentMark>  $marks
     * @param  list<PhotoRow>  $photos
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?string $station,
        public ?int $before,
        public ?int $after,
        public string $level,
        public array $weighings,
        public array $families,
        public array $seen,
        public ?string $next,
        public array $aims,
        public string $note,
        public ?string $language,
        public array $marks,
        public array $photos,
    ) {
    }

    public static function of(StudentReview $review): self
    {
        $student = $review->student;
        $level = $review->level();
        $class = array_values($student->section->students()->get()->modelKeys());
        $at = (int) array_search($student->id, $class, true);
        $next = NextStep::of($review);

        return new self(
            id: $student->id,
            name: $student->name,
            station: $student->station?->shownName(),
            before: $class[$at - 1] ?? null,
            after: $class[$at + 1] ?? null,
            level: Said::phrase(Story::level($level['lines'], $level['first'], $level['best'])),
            weighings: array_values($review->weighings->map(ReviewRow::of(...))->all()),
            families: array_map(
                static fn (string $family): FamilyStory => FamilyStory::of($review, Family::from($family), $review->cells[$family]),
                array_keys($review->cells),
            ),
            seen: array_map(static fn (string $step, array $counts): SeenOf => new SeenOf(
                Said::step(Step::from($step), null, Family::FinePowder, isShort: true)['text'], ...$counts,
            ), array_keys($review->seenSteps()), $review->seenSteps()),
            next: $next->said,
            aims: $next->aims,
            note: StudentNote::query()->find($student->id)->text ?? '',
            language: $student->language,
            marks: StudentMark::all($student, false),
            photos: PhotoRow::ofStudent($student),
        );
    }
}
