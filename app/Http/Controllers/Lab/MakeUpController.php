<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Http\Controllers\Controller;
use App\Labs\MakeUp;
use App\Models\Lab;
use App\Models\Student;
use Illuminate\Http\Response;

/** Whoever was away makes a lab up later, alone. */
final class MakeUpController extends Controller
{
    /** Let a student make this lab up. */
    public function update(Lab $lab, Student $student, MakeUp $makingUp): Response
    {
        abort_unless($student->section_id === $lab->section_id && $student->mayBeIn(), 404);
        $makingUp->start($lab, $student);

        return response()->noContent();
    }

    /** Back to their seat. */
    public function destroy(Lab $lab, Student $student, MakeUp $makingUp): Response
    {
        abort_unless($student->section_id === $lab->section_id, 404);
        $makingUp->end($student);

        return response()->noContent();
    }
}
