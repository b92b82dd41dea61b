<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Auth\WrongPins;
use App\Http\Controllers\Controller;
use App\Models\Section;
use App\Models\Student;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class LetInController extends Controller
{
    /** Somebody stands before a pause, and the teacher knows them: they may try at once. */
    public function store(Section $section, Student $student, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        WrongPins::letIn($student);
        AdultLog::tell($teacher, Act::LetIn, ['class' => $section->name, 'number' => (string) $student->roster_number]);

        return response()->noContent();
    }
}
