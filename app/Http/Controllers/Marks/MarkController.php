<?php

declare(strict_types=1);

namespace App\Http\Controllers\Marks;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Marks\MarkRequest;
use App\Http\Views\Marks\MarkRow;
use App\Http\Views\Marks\MarksPage;
use App\Marks\LabMarks;
use App\Models\Lab;
use App\Models\Mark;
use App\Models\Student;
use App\Models\Teacher;
use App\Review\KeepTerm;
use Hovik\Core\Marks\Told;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Marks of a lab, by its teacher. */
final class MarkController extends Controller
{
    public function __construct(private readonly KeepTerm $keeping)
    {
    }

    /** All of them, with what each came from. */
    public function index(Lab $lab): MarksPage
    {
        return MarksPage::of(new LabMarks($lab, $this->keeping));
    }

    /** What the teacher says of a student: away, late, teamwork, other points and why. */
    public function update(MarkRequest $request, Lab $lab, Student $student): MarkRow
    {
        $marks = $this->of($lab, $student);
        $marks->tell($student, $request->told($marks->rubric()));

        return MarkRow::of($marks, $student);
    }

    /** Everybody handed in on the day, of whom nothing is said yet. */
    public function onTime(Lab $lab): MarksPage
    {
        $marks = new LabMarks($lab, $this->keeping);
        $marks->rubric();
        DB::transaction(static function () use ($lab, $marks): void {
            foreach ($lab->section->students()->get() as $student) {
                $told = $marks->told($student);
                if ($told->daysLate === null && $marks->mark($student)?->accepted_at === null) {
                    $marks->tell($student, new Told($told->attendance, 0, $told->levels, $told->overrides));
                }
            }
        });

        return MarksPage::of($marks);
    }

    /** Accept a student's mark as it is proposed now. */
    public function accept(Lab $lab, Student $student, #[CurrentUser] Teacher $teacher): MarkRow
    {
        $marks = $this->of($lab, $student);
        $marks->accept($student, $teacher);

        return MarkRow::of($marks, $student);
    }

    /** Open an accepted mark again. */
    public function reopen(Lab $lab, Student $student): MarkRow
    {
        $marks = $this->of($lab, $student);
        $marks->reopen($student);

        return MarkRow::of($marks, $student);
    }

    /** Give the accepted marks back: students see them from now on. */
    public function giveBack(Lab $lab): Response
    {
        if (Mark::query()->where('lab_id', $lab->id)->where('accepted_at', '<>', null)->doesntExist()) {
            throw new Refusal('refusal.lab-not-marked');
        }
        $lab->update(['given_back_at' => now()]);

        return response()->noContent();
    }

    /** Students do not see them any more. */
    public function takeBack(Lab $lab): Response
    {
        $lab->update(['given_back_at' => null]);

        return response()->noContent();
    }

    private function of(Lab $lab, Student $student): LabMarks
    {
        abort_unless($student->section_id === $lab->section_id && $student->mayBeIn(), 404);

        return new LabMarks($lab, $this->keeping);
    }
}
