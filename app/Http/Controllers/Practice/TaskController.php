<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Views\Practice\PracticeTasks;
use App\Models\Student;
use App\Practice\PracticeOf;
use Illuminate\Container\Attributes\CurrentUser;

final class TaskController extends Controller
{
    /** What was set for this student. */
    public function index(#[CurrentUser('student')] Student $student): PracticeTasks
    {
        return PracticeTasks::of(new PracticeOf($student));
    }
}
