<?php

declare(strict_types=1);

namespace App\Http\Controllers\Join;

use App\Auth\Door;
use App\Http\Controllers\Controller;
use App\Http\Requests\Join\StudentJoinRequest;
use App\Http\Views\Session;
use App\Models\Student;
use App\Words\Said;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

final class StudentSessionController extends Controller
{
    private const TRIES = 5;

    private const LOCKED_SECONDS = 300;

    /** A student joins; the PIN is chosen the first time. */
    public function store(StudentJoinRequest $request): Session
    {
        $section = SectionNamesController::open($request->string('code')->toString());
        $student = $section->students()->find($request->integer('student_id'))
            ?? throw InvalidInput::because('student_id', Phrase::of('refusal.not-in-class'));
        $this->checkPin($student, $request->string('pin')->toString(), (string) $request->ip());
        Door::enter($request, 'student', $student);

        return Session::now();
    }

    /** @throws ValidationException */
    private function checkPin(Student $student, string $pin, string $address): void
    {
        $key = "pin:{$student->id}|$address";
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages(['pin' => [Said::phrase(Phrase::of('refusal.pin-locked'))]])->status(429);
        }
        // Chosen the first time; only one of two devices can be first.
        if (
            $student->pin === null
                && Student::query()->whereKey($student->id)->whereNull('pin')->update(['pin' => Hash::make($pin)]) === 1
        ) {
            return;
        }
        if (! Hash::check($pin, (string) $student->refresh()->pin)) {
            RateLimiter::hit($key, self::LOCKED_SECONDS);

            throw InvalidInput::because('pin', Phrase::of('refusal.wrong-pin'));
        }
        RateLimiter::clear($key);
    }
}
