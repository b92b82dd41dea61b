<?php

declare(strict_types=1);

namespace App\Http\Views\Marks;

use App\Http\Views\View;
use App\Marks\LabMarks;
use App\Models\Student;
use Hovik\Core\Lab\LabState;

/** The marks of a lab. */
final readonly class MarksPage extends View
{
    /**
     * @param  string|null  $given_back_at  students see them since
     * @param  int  $absent  nothing to mark
     * @param  list<MarkRow>  $students
     */
    public function __construct(
        public int $lab_id,
        public string $lab,
        public string $day,
        public ?RubricView $rubric,
        public bool $exam,
        public bool $over,
        public ?string $given_back_at,
        public int $accepted,
        public int $absent,
        public array $students,
    ) {
    }

    public static function of(LabMarks $marks): self
    {
        $lab = $marks->lab;
        $rows = $lab->rubric === null ? [] : array_values($lab->section->students()->with('station')->get()
            ->map(static fn (Student $one): MarkRow => MarkRow::of($marks, $one))->all());

        return new self(
            $lab->id, $lab->title, $lab->planned_for->toDateString(), $lab->rubric === null ? null : RubricView::of($lab->rubric),
            $lab->is_exam, $lab->state === LabState::Closed, $lab->given_back_at?->toIso8601String(),
            count(array_filter($rows, static fn (MarkRow $one): bool => $one->accepted)),
            count(array_filter($rows, static fn (MarkRow $one): bool => $one->attendance !== 'here')), $rows,
        );
    }
}
