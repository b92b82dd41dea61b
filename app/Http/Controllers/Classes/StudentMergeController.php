<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Classes\MergeStudents;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\MergeRequest;
use App\Live\Live;
use App\Models\Section;
use App\Models\Student;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class StudentMergeController extends Controller
{
    /** Somebody stands in the class twice: all that is stored of this one goes to the other, and this one is gone. */
    public function store(
        MergeRequest $request, Section $section, Student $student, MergeStudents $merging, #[CurrentUser('teacher')] Teacher $teacher,
    ): Response {
        $number = (string) $student->roster_number;
        $merging->into($student, $request->other());
        AdultLog::tell($teacher, Act::MergedStudents, ['class' => $section->name, 'number' => $number]);
        Live::tellSeats($section);

        return response()->noContent();
    }
}
