<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Requests\Practice\ClassQuestionRequest;
use App\Http\Views\Answer;
use App\Http\Views\Practice\ClassAsked;
use App\Models\Section;
use App\Practice\AskTheClass;

/** One question for the whole class, on every student's device. */
final class ClassQuestionController extends Controller
{
    /** What is asked of the class now, and how it was answered. */
    public function show(Section $section): ClassAsked
    {
        return ClassAsked::of(AskTheClass::now($section));
    }

    /**
     * Ask the class.
     *
     * @return Answer<ClassAsked>
     */
    public function store(ClassQuestionRequest $request, Section $section): Answer
    {
        return new Answer(
            ClassAsked::of(AskTheClass::ask(
                $section, $request->skill(), $request->integer('level'), $request->integer('seed'), $request->jug(),
            )),
            201,
        );
    }

    /** Show the answer. */
    public function update(Section $section): ClassAsked
    {
        $asked = AskTheClass::now($section) ?? abort(404);
        AskTheClass::show($asked);

        return ClassAsked::of($asked);
    }

    /** End it. */
    public function destroy(Section $section): ClassAsked
    {
        AskTheClass::end($section);

        return ClassAsked::of(null);
    }
}
