<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Auth\Pin;
use App\Auth\WrongPins;
use App\Http\Controllers\Controller;
use App\Http\Views\Classes\NewPin;
use App\Models\Section;
use App\Models\Student;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;

final class PinController extends Controller
{
    /** A new PIN to hand out, told this once. Whoever is in by the old one is put out, and pauses end. */
    public function store(Section $section, Student $student, #[CurrentUser('teacher')] Teacher $teacher): NewPin
    {
        $pin = Pin::draw();
        $student->update(['pin' => Pin::hash($pin)]);
        $student->endSessions();
        WrongPins::letIn($student);
        AdultLog::tell($teacher, Act::ResetPin, ['class' => $section->name, 'number' => (string) $student->roster_number]);

        return new NewPin($student->name, $pin);
    }
}
