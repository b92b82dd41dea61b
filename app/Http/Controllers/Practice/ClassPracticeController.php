<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Views\Practice\ClassPracticePage;
use App\Models\Section;
use App\Practice\ClassPractice;

final class ClassPracticeController extends Controller
{
    /** Who has shown what the next lab asks for. */
    public function show(Section $section): ClassPracticePage
    {
        return ClassPracticePage::of(ClassPractice::of($section));
    }
}
