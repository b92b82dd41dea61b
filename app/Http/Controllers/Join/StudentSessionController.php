<?php

declare(strict_types=1);

namespace App\Http\Controllers\Join;

use App\Auth\Door;
use App\Http\Controllers\Controller;
use App\Http\Requests\Join\StudentJoinRequest;
use App\Http\Resources\SessionResource;
use App\Models\Student;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class StudentSessionController extends Controller
{
    private const TRIES = 5;

    private const LOCKED_SECONDS = 300;

    #[OA\Post(path: '/api/join', operationId: 'studentJoin', summary: 'A student joins: class code, name, PIN (chosen the first time)', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['code', 'student_id', 'pin'], properties: [
        new OA\Property(property: 'code', type: 'string'), new OA\Property(property: 'student_id', type: 'integer'), new OA\Property(property: 'pin', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'Joined.', content: new OA\JsonContent(ref: '#/components/schemas/Session')),
        new OA\Response(ref: '#/components/responses/Invalid', response: 422), new OA\Response(ref: '#/components/responses/TooMany', response: 429),
    ])]
    public function store(StudentJoinRequest $request): SessionResource
    {
        $section = SectionNamesController::open($request->string('code')->toString());
        $student = $section->students()->find($request->integer('student_id'))
            ?? throw ValidationException::withMessages(['student_id' => [__('refusals.not_in_class')]]);
        $this->checkPin($student, $request->string('pin')->toString(), (string) $request->ip());

        Door::enter($request, 'student', $student);

        return new SessionResource(null);
    }

    /** @throws ValidationException */
    private function checkPin(Student $student, string $pin, string $address): void
    {
        $key = "pin:{$student->id}|$address";
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages(['pin' => [__('refusals.pin_locked')]])->status(429);
        }
        // Chosen the first time; only one of two devices can be first.
        if ($student->pin === null && Student::query()->whereKey($student->id)->whereNull('pin')->update(['pin' => Hash::make($pin)]) === 1) {
            return;
        }
        if (! Hash::check($pin, (string) $student->refresh()->pin)) {
            RateLimiter::hit($key, self::LOCKED_SECONDS);
            throw ValidationException::withMessages(['pin' => [__('refusals.wrong_pin')]]);
        }
        RateLimiter::clear($key);
    }
}
