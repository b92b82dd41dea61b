<?php

declare(strict_types=1);

namespace App\Http\Controllers\Join;

use App\Auth\Door;
use App\Auth\KnownDevice;
use App\Auth\Pin;
use App\Auth\WrongPins;
use App\Http\Controllers\Controller;
use App\Http\Requests\Join\StudentJoinRequest;
use App\Http\Views\Session;
use App\Models\Student;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\Hash;

final class StudentSessionController extends Controller
{
    /** A student joins; the PIN is chosen the first time. */
    public function store(StudentJoinRequest $request): Session
    {
        $section = SectionNamesController::open($request->string('code')->toString());
        $student = $section->students()->find($request->integer('student_id'))
            ?? throw InvalidInput::because('student_id', Phrase::of('refusal.not-in-class'));
        $device = KnownDevice::of($request);
        $wrong = new WrongPins($student, $device);
        $wrong->refuseInPause();
        $pin = $request->string('pin')->toString();
        if (! $this->chooses($student, $pin) && ! Hash::check($pin, (string) $student->refresh()->pin)) {
            $wrong->add();
            $device->keep();
            throw InvalidInput::because('pin', Phrase::of('refusal.wrong-pin'));
        }
        $wrong->forget();
        $device->keep($student);
        Door::enter($request, 'student', $student);

        return Session::now();
    }

    /** Chosen the first time; only one of two devices can be first. */
    private function chooses(Student $student, string $pin): bool
    {
        if ($student->pin !== null) {
            return false;
        }
        Pin::refuseWeak($pin);

        return Student::query()->whereKey($student->id)->whereNull('pin')->update(['pin' => Pin::hash($pin)]) === 1;
    }
}
