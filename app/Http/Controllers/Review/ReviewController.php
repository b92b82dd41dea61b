<?php

declare(strict_types=1);

namespace App\Http\Controllers\Review;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Review\NoteRequest;
use App\Http\Requests\Review\RemeasureRequest;
use App\Http\Requests\Review\ReteachRequest;
use App\Http\Requests\Review\ReviewRequest;
use App\Http\Requests\Review\SheetLanguageRequest;
use App\Http\Views\Made;
use App\Http\Views\Review\ReviewPage;
use App\Http\Views\Review\StudentPage;
use App\Models\LabItem;
use App\Models\Section;
use App\Models\Student;
use App\Models\StudentNote;
use App\Models\Teacher;
use App\Review\ClassReview;
use App\Review\KeepTerm;
use App\Review\StudentReview;
use App\Words\Said;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Words\Phrase;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** A class's term, looked back on by its teacher. */
final class ReviewController extends Controller
{
    /** Each student by what is measured, and what to teach again first. */
    public function show(ReviewRequest $request, Section $section, KeepTerm $keeping): ReviewPage
    {
        $part = $request->part();

        return ReviewPage::of(ClassReview::of($section, $keeping, $part), $part);
    }

    /** One student: every weighing with all that is known of it. */
    public function student(Section $section, Student $student, KeepTerm $keeping): StudentPage
    {
        return StudentPage::of(StudentReview::of($student, $keeping));
    }

    /** A note on a student that only the class's teachers see. */
    public function note(NoteRequest $request, Section $section, Student $student, #[CurrentUser] Teacher $teacher): Response
    {
        $request->text() === ''
            ? StudentNote::query()->whereKey($student->id)->delete()
            : StudentNote::query()->updateOrCreate(
                ['student_id' => $student->id], ['text' => $request->text(), 'teacher_id' => $teacher->id],
            );

        return response()->noContent();
    }

    /** The language of a student's own sheets. */
    public function language(SheetLanguageRequest $request, Section $section, Student $student): Response
    {
        $student->update(['language' => $request->input('language')]);

        return response()->noContent();
    }

    /** Set practice for those who need it, until the class meets again. */
    public function practise(ReteachRequest $request, Section $section): Response
    {
        $due = $section->meetsAfter($section->today());
        DB::transaction(static function () use ($request, $section, $due): void {
            foreach ($request->students() as $student) {
                $section->practiceTasks()->create(['aims' => $request->aims(), 'student_id' => $student, 'due_on' => $due]);
            }
        });

        return response()->noContent();
    }

    /** A small lab in which the class measures a food once more, as it did last. */
    public function remeasure(RemeasureRequest $request, Section $section): Made
    {
        $food = $request->string('food')->toString();
        $last = LabItem::query()->where('ingredient_id', $food)->get()
            ->whereIn('lab_id', $section->labs()->where('state', LabState::Closed->value)->pluck('id'))->sortBy('id')->last()
            ?? throw new Refusal('refusal.never-measured', 404);
        $lab = DB::transaction(static function () use ($section, $food, $last) {
            $lab = $section->labs()->create([
                'title' => Said::phrase(Phrase::of('review.once-more', ['food' => Phrase::of("ingredient.$food")])),
                'planned_for' => $section->meetsAfter($section->today()), 'state' => LabState::Prepared, 'retry_pct' => 0,
            ]);
            $last->replicate()->fill(['lab_id' => $lab->id, 'position' => 1])->save();

            return $lab;
        });

        return new Made($lab->id);
    }
}
