<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Auth\Door;
use App\Auth\Failures;
use App\Auth\Password;
use App\Auth\SlowHash;
use App\Http\Controllers\Controller;
use App\Http\Requests\Account\PasswordRequest;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class PasswordController extends Controller
{
    /** A new password; wherever else they are signed in, they are out. */
    public function update(PasswordRequest $request, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        $failures = Failures::of("mail:$teacher->email");
        $failures->refuseInPause('current', 'refusal.sign-in-paused');
        if (! SlowHash::holds($request->string('current')->toString(), $teacher->password)) {
            $failures->add();
            throw InvalidInput::because('current', Phrase::of('refusal.wrong-current'));
        }
        $password = $request->string('password')->toString();
        Password::refuseBad($password, $teacher->name, $teacher->email, $teacher->kitchen->school->name);
        $failures->forget();
        $teacher->update(['password' => SlowHash::make($password)]);
        $teacher->endSessions();
        Door::enter($request, 'teacher', $teacher);
        AdultLog::tell($teacher, Act::ChangedPassword);

        return response()->noContent();
    }
}
