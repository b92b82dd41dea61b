<?php

declare(strict_types=1);

namespace App\Marks;

use App\Exceptions\Refusal;
use App\Labs\LabWords;
use App\Models\Lab;
use App\Models\Mark;
use App\Models\Student;
use App\Models\Teacher;
use App\Review\KeepTerm;
use App\Review\ReviewedWeighing;
use App\Review\StudentReview;
use Hovik\Core\Marks\Attendance;
use Hovik\Core\Marks\Evidence;
use Hovik\Core\Marks\LineEvidence;
use Hovik\Core\Marks\MarkSheet;
use Hovik\Core\Marks\Rubric;
use Hovik\Core\Marks\Told;
use Hovik\Core\Marks\TryEvidence;
use Hovik\Core\Safety\StationChecklist;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Marks of a lab: proposed from what was seen and weighed, accepted or overridden by the teacher, given back when they say. */
final class LabMarks
{
    /** @var Collection<int, Mark> by student */
    private Collection $marks;

    /** @var array<int, StudentReview> */
    private array $reviews = [];

    /** @var array<int, true> places that checked off their clean-up */
    private array $cleaned;

    public function __construct(public readonly Lab $lab, private readonly KeepTerm $keeping)
    {
        $this->marks = Mark::query()->where('lab_id', $lab->id)->get()->keyBy('student_id');
        $this->cleaned = array_fill_keys(
            $lab->checks()->where('kind', StationChecklist::CleanUp->value)->pluck('station_id')->all(), true,
        );
    }

    /** @throws Refusal where the lab has no rubric */
    public function rubric(): Rubric
    {
        return $this->lab->rubric ?? throw new Refusal('refusal.no-rubric');
    }

    public function mark(Student $student): ?Mark
    {
        return $this->marks[$student->id] ?? null;
    }

    /** As it would be now, from all that is known and what the teacher said. */
    public function propose(Student $student): MarkSheet
    {
        $told = $this->told($student);

        return MarkSheet::of($this->rubric(), $this->evidence($student, $told), array_intersect_key(
            $told->overrides, array_column($this->rubric()->criteria, null, 'id'),
        ));
    }

    /** What is said: whoever weighed nothing was away, until somebody says otherwise. */
    public function told(Student $student): Told
    {
        return $this->mark($student)->told
            ?? new Told($this->review($student)->weighings->isEmpty() ? Attendance::Absent : Attendance::Here);
    }

    /** What the teacher says of a student. A mark that is accepted stays until it is taken back. */
    public function tell(Student $student, Told $told): Mark
    {
        if ($this->mark($student)?->accepted_at !== null) {
            throw new Refusal('refusal.mark-accepted');
        }
        // Refuses what its rubric has not, before anything is stored.
        MarkSheet::of($this->rubric(), $this->evidence($student, $told), $told->overrides);
        $mark = Mark::query()->updateOrCreate(['lab_id' => $this->lab->id, 'student_id' => $student->id], ['told' => $told]);
        $this->marks[$student->id] = $mark;

        return $mark;
    }

    /** What is proposed now becomes the mark. */
    public function accept(Student $student, Teacher $teacher): void
    {
        DB::transaction(function () use ($student, $teacher): void {
            /** @var Mark $mark */
            $mark = Mark::query()->where('lab_id', $this->lab->id)->where('student_id', $student->id)->lockForUpdate()->first()
                ?? $this->tell($student, $this->told($student));
            if ($mark->accepted_at === null) {
                $sheet = $this->propose($student);
                $mark->update([
                    'sheet' => $sheet, 'score' => $sheet->score(), 'teacher_id' => $teacher->id, 'accepted_at' => now(),
                ]);
                $this->marks[$student->id] = $mark;
            }
        });
    }

    /** A mark that was accepted is open again. */
    public function reopen(Student $student): void
    {
        $this->mark($student)?->update(['sheet' => null, 'score' => null, 'teacher_id' => null, 'accepted_at' => null]);
    }

    private function review(Student $student): StudentReview
    {
        return $this->reviews[$student->id] ??= StudentReview::of($student, $this->keeping, $this->lab);
    }

    private function evidence(Student $student, Told $told): Evidence
    {
        $lines = [];
        foreach ($this->review($student)->weighings->groupBy(
            static fn (ReviewedWeighing $one): string => $one->weighing->lab_line_id.' '.$one->weighing->station_id,
        ) as $tries) {
            $lines[] = self::line(array_values($tries->all()));
        }
        $place = $this->review($student)->weighings->last()?->weighing->station_id ?? $student->station_id;
        $all = count(LabWords::checklist($this->lab, StationChecklist::CleanUp)['items']);

        return Evidence::of(
            $told->attendance, $lines, $told->daysLate,
            // Where nobody in the whole lab used the list, nothing was seen of it.
            $this->cleaned === [] || $all === 0 ? null : [isset($this->cleaned[$place]) ? $all : 0, $all],
            array_intersect_key($told->levels, array_column($this->rubric()->criteria, null, 'id')),
        );
    }

    /** @param  non-empty-list<ReviewedWeighing>  $tries */
    private static function line(array $tries): LineEvidence
    {
        $first = $tries[0];
        // What nobody saw is no process: a student's own ticks prove nothing.
        $seen = static fn (string $which): array => array_values(array_filter(
            $which === 'done' ? $first->done() : $first->missed(),
            static fn ($step): bool => isset($first->seen[$step->value]) && in_array($step, $first->line->steps(), true),
        ));

        return new LineEvidence(
            (string) $first->weighing->lab_line_id, $first->line->food->ingredient->family, $seen('done'), $seen('missed'),
            array_map(static fn (ReviewedWeighing $one): TryEvidence => TryEvidence::of(
                $one->weighing->judgement, $one->isCoached(), $one->kept->known ?? 1.0,
            ), $tries),
            $first->weighing->way !== null,
        );
    }
}
