<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Requests\Practice\TaskRequest;
use App\Http\Views\Answer;
use App\Http\Views\Practice\ClassPracticePage;
use App\Models\PracticeTask;
use App\Models\Section;
use App\Practice\ClassPractice;

/** Practice set by a teacher: for the class or for one student, until a day. */
final class ClassTaskController extends Controller
{
    /**
     * Set practice.
     *
     * @return Answer<ClassPracticePage>
     */
    public function store(TaskRequest $request, Section $section): Answer
    {
        $section->practiceTasks()->create($request->kept());

        return new Answer(ClassPracticePage::of(ClassPractice::of($section->refresh())), 201);
    }

    /** Take set practice back. */
    public function destroy(Section $section, PracticeTask $task): ClassPracticePage
    {
        $task->delete();

        return ClassPracticePage::of(ClassPractice::of($section->refresh()));
    }
}
