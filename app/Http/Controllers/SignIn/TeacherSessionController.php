<?php

declare(strict_types=1);

namespace App\Http\Controllers\SignIn;

use App\Auth\Door;
use App\Http\Controllers\Controller;
use App\Http\Requests\SignIn\TeacherSignInRequest;
use App\Http\Resources\SessionResource;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class TeacherSessionController extends Controller
{
    #[OA\Post(path: '/api/teacher/session', operationId: 'teacherSignIn', summary: 'A teacher signs in', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['email', 'password'], properties: [
        new OA\Property(property: 'email', type: 'string'), new OA\Property(property: 'password', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'Signed in.', content: new OA\JsonContent(ref: '#/components/schemas/Session')),
        new OA\Response(ref: '#/components/responses/Invalid', response: 422), new OA\Response(ref: '#/components/responses/TooMany', response: 429),
    ])]
    public function store(TeacherSignInRequest $request): SessionResource
    {
        $guard = Door::guard('teacher');
        $teacher = $guard->attempt($request->only('email', 'password')) ? $guard->user() : null;
        if ($teacher === null) {
            throw ValidationException::withMessages(['password' => [__('refusals.wrong_password')]]);
        }
        Door::enter($request, 'teacher', $teacher);

        return new SessionResource(null);
    }
}
