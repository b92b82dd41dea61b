<?php

declare(strict_types=1);

namespace App\Http\Controllers\Review;

use App\Http\Controllers\Controller;
use App\Http\Requests\Review\SheetRequest;
use App\Http\Views\Review\FeedbackSheet;
use App\Models\Lab;
use App\Models\Section;
use App\Models\Student;
use App\Review\KeepTerm;
use App\Review\StudentReview;

/** Sheets to take home, in the language that each student's family reads. */
final class SheetController extends Controller
{
    /**
     * Of a lab: everybody's, or one student's.
     *
     * @return list<FeedbackSheet>
     */
    public function lab(SheetRequest $request, Lab $lab, KeepTerm $keeping): array
    {
        return FeedbackSheet::ofLab($lab, $keeping, $request->student());
    }

    /**
     * Of the term: everybody's, or one student's.
     *
     * @return list<FeedbackSheet>
     */
    public function term(SheetRequest $request, Section $section, KeepTerm $keeping): array
    {
        $only = $request->student();

        return array_values($section->students()->get()
            ->filter(static fn (Student $student): bool => $only === null || $student->id === $only)
            ->map(static fn (Student $student): FeedbackSheet => FeedbackSheet::of($student, StudentReview::of($student, $keeping), null))
            ->all());
    }
}
