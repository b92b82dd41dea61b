<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Requests\Practice\AnswerRequest;
use App\Http\Views\Practice\PracticeMarked;
use App\Http\Views\Practice\PracticeQuestion;
use App\Models\Student;
use App\Practice\PracticeOf;
use Illuminate\Container\Attributes\CurrentUser;

/** A student's own practice, one question at a time. */
final class PracticeController extends Controller
{
    /** The question that comes now. */
    public function show(#[CurrentUser('student')] Student $student): PracticeQuestion
    {
        $practice = new PracticeOf($student);

        return PracticeQuestion::of($practice->question(), $practice);
    }

    /** Answer it: marked and kept, once. */
    public function store(AnswerRequest $request, int $turn, #[CurrentUser('student')] Student $student): PracticeMarked
    {
        ['question' => $question, 'marked' => $marked] = (new PracticeOf($student))->answer(
            $turn, $request->questionId(), $request->answer(),
        );

        return PracticeMarked::of($question, $marked);
    }
}
