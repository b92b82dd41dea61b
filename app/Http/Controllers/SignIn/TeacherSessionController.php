<?php

declare(strict_types=1);

namespace App\Http\Controllers\SignIn;

use App\Auth\Door;
use App\Http\Controllers\Controller;
use App\Http\Requests\SignIn\TeacherSignInRequest;
use App\Http\Views\Session;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

final class TeacherSessionController extends Controller
{
    /** A teacher signs in. */
    public function store(TeacherSignInRequest $request): Session
    {
        $guard = Door::guard('teacher');
        $teacher = $guard->attempt($request->only('email', 'password')) ? $guard->user() : null;
        if ($teacher === null) {
            throw InvalidInput::because('password', Phrase::of('refusal.wrong-password'));
        }
        Door::enter($request, 'teacher', $teacher);

        return Session::now();
    }
}
