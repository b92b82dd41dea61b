<?php

declare(strict_types=1);

namespace App\Http\Views\Marks;

use App\Http\Views\View;
use App\Marks\LabMarks;
use App\Models\Student;

/** A student's mark in a lab, proposed or accepted. */
final readonly class MarkRow extends View
{
    /**
     * @param  int|null  $score  of 100
     * @param  int|null  $would_be  what it would be now, where that is another; it does not change by itself
     * @param  list<MarkLevel>  $levels  as the teacher saw it
     * @param  list<MarkPart>  $parts
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?string $station,
        public string $attendance,
        public ?int $score,
        public ?int $would_be,
        public bool $accepted,
        public ?int $days_late,
        public array $levels,
        public array $parts,
    ) {
    }

    public static function of(LabMarks $marks, Student $student): self
    {
        $mark = $marks->mark($student);
        $now = $marks->propose($student);
        $sheet = $mark->sheet ?? $now;
        $told = $marks->told($student);
        $levels = [];
        foreach ($told->levels as $id => $level) {
            $levels[] = new MarkLevel($id, $level);
        }

        return new self(
            $student->id, $student->name, $student->station?->shownName(), $sheet->attendance->value, $sheet->score(),
            $now->score() === $sheet->score() ? null : $now->score(), $mark?->accepted_at !== null, $told->daysLate, $levels,
            array_map(MarkPart::of(...), $sheet->criteria),
        );
    }
}
