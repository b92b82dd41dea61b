<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\StudentRequest;
use App\Live\Live;
use App\Models\Section;
use App\Models\Student;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final class StudentController extends Controller
{
    /** A student's name and seat, or a PIN to be chosen anew. */
    public function update(StudentRequest $request, Section $section, Student $student): Response
    {
        Gate::authorize('run', $section);
        $student->update($request->safe()->only(['name', 'station_id']) + ($request->boolean('reset_pin') ? ['pin' => null] : []));
        Live::tellSeats($section);

        return response()->noContent();
    }

    /** Erase a student with all that is known of them. */
    public function destroy(Section $section, Student $student): Response
    {
        Gate::authorize('run', $section);
        $student->delete();
        Live::tellSeats($section);

        return response()->noContent();
    }
}
