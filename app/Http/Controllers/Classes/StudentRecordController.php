<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Exchange\StudentRecord;
use App\Http\Controllers\Controller;
use App\Http\FileAnswer;
use App\Models\Section;
use App\Models\Student;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;

final class StudentRecordController extends Controller
{
    /** All that is stored of one student: a page to read, and JSON. */
    public function show(Section $section, Student $student, #[CurrentUser('teacher')] Teacher $teacher): FileAnswer
    {
        AdultLog::tell($teacher, Act::Exported, ['class' => "$section->name, $student->roster_number"]);

        return new FileAnswer(StudentRecord::zip($student), "$section->name $student->name", 'zip', 'application/zip');
    }
}
