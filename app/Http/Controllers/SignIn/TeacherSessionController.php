<?php

declare(strict_types=1);

namespace App\Http\Controllers\SignIn;

use App\Auth\Door;
use App\Auth\Failures;
use App\Auth\KnownDevice;
use App\Auth\SlowHash;
use App\Http\Controllers\Controller;
use App\Http\Requests\SignIn\TeacherSignInRequest;
use App\Http\Views\Session;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

final class TeacherSessionController extends Controller
{
    /** Wrong mails from one device before it pauses: a staff room's computer has several people. */
    private const FREE_ON_A_DEVICE = 20;

    /** A teacher signs in. Who is unknown is answered like who is known, and as late. */
    public function store(TeacherSignInRequest $request): Session
    {
        $device = KnownDevice::of($request);
        $failures = [Failures::of("mail:{$request->mail()}"), Failures::of("device:$device->name", self::FREE_ON_A_DEVICE)];
        foreach ($failures as $counted) {
            $counted->refuseInPause('password', 'refusal.sign-in-paused');
        }
        $teacher = Teacher::query()->where('email', $request->mail())->first();
        $holds = SlowHash::holds($request->string('password')->toString(), $teacher?->password);
        if ($teacher === null || ! $holds || ! $teacher->mayBeIn()) {
            foreach ($failures as $counted) {
                $counted->add();
            }
            $device->keep();
            throw InvalidInput::because('password', Phrase::of('refusal.wrong-password'));
        }
        $failures[0]->forget();
        $device->keep();
        Door::enter($request, 'teacher', $teacher);
        AdultLog::tell($teacher, Act::SignedIn);

        return Session::now();
    }
}
