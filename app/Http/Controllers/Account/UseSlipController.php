<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Auth\Door;
use App\Auth\Failures;
use App\Auth\KnownDevice;
use App\Auth\Password;
use App\Auth\SlowHash;
use App\Http\Controllers\Controller;
use App\Http\Requests\Account\UseSlipRequest;
use App\Http\Views\Account\SlipDoor;
use App\Http\Views\Session;
use App\Models\Slip;
use App\School\Act;
use App\School\AdultLog;
use App\School\SlipBox;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;

final class UseSlipController extends Controller
{
    private const FREE = 10;

    /** Whom a slip is for. */
    public function show(Request $request, string $code): SlipDoor
    {
        return SlipDoor::of($this->slip($request, $code));
    }

    /** Its holder chooses a password, and is in. */
    public function store(UseSlipRequest $request, string $code, SlipBox $slips): Session
    {
        $slip = $this->slip($request, $code);
        $password = $request->string('password')->toString();
        $name = $slip->teacher_id === null && $request->filled('name') ? $request->string('name')->trim()->toString() : null;
        Password::refuseBad($password, $name ?? $slip->name, $slip->email, $slip->kitchen->school->name);
        $teacher = $slips->use($slip, SlowHash::make($password), $name);
        Failures::of("mail:$teacher->email")->forget();
        if (! $teacher->mayBeIn()) {
            throw InvalidInput::because('code', Phrase::of('refusal.no-such-slip'));
        }
        Door::enter($request, 'teacher', $teacher);
        AdultLog::tell($teacher, $slip->teacher_id === null ? Act::Came : Act::ChangedPassword);

        return Session::now();
    }

    private function slip(Request $request, string $code): Slip
    {
        $device = KnownDevice::of($request);
        $failures = Failures::of("slip:$device->name", self::FREE);
        $failures->refuseInPause('code', 'refusal.card-paused');
        $slip = Slip::coded($code);
        if ($slip === null) {
            $failures->add();
            $device->keep();
            throw InvalidInput::because('code', Phrase::of('refusal.no-such-slip'));
        }

        return $slip;
    }
}
