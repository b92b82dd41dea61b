<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Requests\Practice\AnswerRequest;
use App\Http\Views\Practice\MyClassQuestion;
use App\Live\Live;
use App\Models\ClassQuestion;
use App\Models\Student;
use App\Practice\PracticeOf;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final class MyClassQuestionController extends Controller
{
    /** What the class is asked, on a student's device. */
    public function show(#[CurrentUser('student')] Student $student): MyClassQuestion
    {
        return MyClassQuestion::of($student);
    }

    /** Answer it, once. */
    public function store(AnswerRequest $request, ClassQuestion $asked, #[CurrentUser('student')] Student $student): Response
    {
        Gate::authorize('attend', $asked->section);
        (new PracticeOf($student))->answerWithClass($asked, $request->questionId(), $request->answer());
        Live::tellClass($asked->section, 'answered');

        return response()->noContent();
    }
}
