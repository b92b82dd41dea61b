<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Requests\Practice\ClassQuestionRequest;
use App\Http\Views\Practice\ProjectedQuestion;
use App\Models\Section;
use Hovik\Core\Practice\Quiz;

final class ProjectedQuestionController extends Controller
{
    /** A question for the wall, with its answer. */
    public function show(ClassQuestionRequest $request, Section $section): ProjectedQuestion
    {
        return ProjectedQuestion::of(
            Quiz::question(
                $request->skill(), $request->integer('seed'),
                $section->practiceSetting($request->integer('level'))->reading($request->jug()),
            ),
        );
    }
}
