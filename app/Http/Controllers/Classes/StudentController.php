<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\EraseStudentRequest;
use App\Http\Requests\Classes\StudentRequest;
use App\Live\Live;
use App\Models\Section;
use App\Models\Student;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use App\School\Erasure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class StudentController extends Controller
{
    /** A student's name and seat. */
    public function update(StudentRequest $request, Section $section, Student $student): Response
    {
        $student->update($request->safe()->only(['name', 'station_id']));
        $student->merged()->update(['name' => $student->name]);
        Live::tellSeats($section);

        return response()->noContent();
    }

    /** Erase a student, whose name was typed: their weigh-ins stay for 'a former student', and nothing else does. */
    public function destroy(
        EraseStudentRequest $request, Section $section, Student $student, #[CurrentUser('teacher')] Teacher $teacher,
    ): Response {
        $number = (string) $student->roster_number;
        Erasure::student($student);
        AdultLog::tell($teacher, Act::ErasedStudent, ['class' => $section->name, 'number' => $number]);
        Live::tellSeats($section);

        return response()->noContent();
    }
}
