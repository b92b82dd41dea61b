<?php

declare(strict_types=1);

namespace App\Http\Views\Marks;

use App\Http\Views\View;
use App\Models\Mark;
use App\Models\Student;
use Illuminate\Database\Eloquent\Builder;

/** A mark of a student, for whoever may see it. */
final readonly class StudentMark extends View
{
    /**
     * @param  list<MarkPart>  $parts
     */
    public function __construct(
        public int $lab_id,
        public string $lab,
        public string $day,
        public ?int $score,
        public string $attendance,
        public array $parts,
        public bool $given_back,
    ) {
    }

    /**
     * @param  bool  $onlyGivenBack  for the student
     * @return list<self> newest first
     */
    public static function all(Student $student, bool $onlyGivenBack): array
    {
        return array_values(Mark::query()->with('lab')->where('accepted_at', '<>', null)
            ->where(static fn (Builder $of) => $of->whereIn('student_id', $student->everyId()))->get()
            ->filter(static fn (Mark $mark): bool => ! $onlyGivenBack || $mark->lab->given_back_at !== null)
            ->sortByDesc(static fn (Mark $mark): string => $mark->lab->planned_for->toDateString())
            ->map(self::of(...))->all());
    }

    public static function of(Mark $mark): self
    {
        return new self(
            $mark->lab_id, $mark->lab->title, $mark->lab->planned_for->toDateString(), $mark->score,
            ($mark->sheet->attendance ?? $mark->told->attendance)->value,
            array_map(MarkPart::of(...), $mark->sheet->criteria ?? []), $mark->lab->given_back_at !== null,
        );
    }
}
