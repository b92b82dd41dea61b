<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\Marks\StudentMark;
use App\Http\Views\View;
use App\Models\Lab;
use App\Models\Mark;
use App\Models\Student;
use App\Review\KeepTerm;
use App\Review\ReviewedWeighing;
use App\Review\StudentReview;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Review\Cell;
use Hovik\Core\Review\Story;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\App;

/** One student's sheet to take home, of a lab or of the term, in the language it is to be read in. Half a page. */
final readonly class FeedbackSheet extends View
{
    /** As many ingredients as fit half a page; the rest are counted. */
    private const LINES = 8;

    /**
     * @param  string  $language  of its words
     * @param  string  $of  the lab, or the term
     * @param  string  $level  how often it was Level
     * @param  list<FeedbackLine>  $rows  of a lab; of a term none
     * @param  int  $more  ingredients that do not fit
     * @param  list<string>  $said  how they run
     * @param  string|null  $next  the one thing to practise
     * @param  StudentMark|null  $mark  accepted
     */
    public function __construct(
        public int $student_id,
        public string $name,
        public string $language,
        public string $of,
        public string $day,
        public string $level,
        public array $rows,
        public int $more,
        public array $said,
        public ?string $next,
        public ?StudentMark $mark,
        public SheetWords $words,
    ) {
    }

    /** @return list<self> of a lab: of everybody who weighed something in it, or of one */
    public static function ofLab(Lab $lab, KeepTerm $keeping, ?int $only): array
    {
        $sheets = [];
        foreach ($lab->section->students()->get() as $student) {
            if ($only !== null && $student->id !== $only) {
                continue;
            }
            $student->setRelation('section', $lab->section);
            $review = StudentReview::of($student, $keeping, $lab);
            if ($review->weighings->isNotEmpty()) {
                $sheets[] = self::of($student, $review, $lab);
            }
        }

        return $sheets;
    }

    /** Of a student's whole term, or of a lab. */
    public static function of(Student $student, StudentReview $review, ?Lab $lab): self
    {
        $reader = App::getLocale();
        if ($student->language !== null) {
            App::setLocale($student->language);
        }
        try {
            return self::said($student, $review, $lab);
        } finally {
            App::setLocale($reader);
        }
    }

    private static function said(Student $student, StudentReview $review, ?Lab $lab): self
    {
        $level = $review->level();
        $lines = $review->weighings->groupBy(static fn (ReviewedWeighing $one): int => $one->weighing->lab_line_id)->values();
        $mark = $lab === null ? null : Mark::query()->where('lab_id', $lab->id)->where('student_id', $student->id)
            ->where('accepted_at', '<>', null)->first();
        $said = array_filter(array_map(
            static fn (string $family, Cell $cell): ?Phrase => Story::family(Family::from($family), $cell->first),
            array_keys($review->cells), $review->cells,
        ));

        return new self(
            $student->id, $student->name, App::getLocale(), $lab->title ?? Said::phrase(Phrase::of('sheet.term')),
            ($lab->planned_for ?? now())->toDateString(), Said::phrase(Story::level($level['lines'], $level['first'], $level['best'])),
            $lab === null ? [] : array_values($lines->take(self::LINES)->map(self::line(...))->all()),
            $lab === null ? 0 : $lines->skip(self::LINES)->count(),
            array_map(Said::phrase(...), array_values($said)), NextStep::of($review)->said,
            $mark instanceof Mark ? StudentMark::of($mark) : null, SheetWords::now(),
        );
    }

    /** @param  Collection<int, ReviewedWeighing>  $tries */
    private static function line(Collection $tries): FeedbackLine
    {
        [$first, $last] = [$tries->firstOrFail(), $tries->last()];

        return new FeedbackLine(ReviewRow::of($first), $last === null || $last === $first ? null : ReviewRow::of($last));
    }
}
