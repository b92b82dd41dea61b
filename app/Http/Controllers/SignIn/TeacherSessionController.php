<?php

declare(strict_types=1);

namespace App\Http\Controllers\SignIn;

use App\Auth\Door;
use App\Http\Controllers\Controller;
use App\Http\Requests\SignIn\TeacherSignInRequest;
use App\Http\Views\Session;
use Illuminate\Validation\ValidationException;

final class TeacherSessionController extends Controller
{
    /** A teacher signs in. */
    public function store(TeacherSignInRequest $request): Session
    {
        $guard = Door::guard('teacher');
        $teacher = $guard->attempt($request->only('email', 'password')) ? $guard->user() : null;
        if ($teacher === null) {
            throw ValidationException::withMessages(['password' => [__('refusals.wrong_password')]]);
        }
        Door::enter($request, 'teacher', $teacher);

        return Session::now();
    }
}
