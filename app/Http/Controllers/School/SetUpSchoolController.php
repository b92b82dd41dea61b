<?php

declare(strict_types=1);

namespace App\Http\Controllers\School;

use App\Auth\Door;
use App\Auth\Failures;
use App\Http\Controllers\Controller;
use App\Http\Requests\School\SetUpSchoolRequest;
use App\Http\Views\Session;
use App\Models\School;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use App\School\AdultRole;
use App\School\SetUpCode;
use App\Words\Said;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

final class SetUpSchoolController extends Controller
{
    /** A school, its first kitchen, and its keeper, who is in then: the first of an empty installation, or one more with a code for it. */
    public function store(SetUpSchoolRequest $request): Session
    {
        $code = $request->string('code')->toString();
        $failures = Failures::of('set-up');
        $failures->refuseInPause('code', 'refusal.card-paused');
        if (! SetUpCode::is($code)) {
            $failures->add();
            throw InvalidInput::because('code', Phrase::of('refusal.no-such-set-up-code'));
        }
        if (Teacher::query()->where('email', $request->mail())->exists()) {
            throw InvalidInput::because('email', Phrase::of('refusal.mail-taken'));
        }
        // Two with one code: the second finds it used.
        $keeper = Cache::lock('set-up', 30)->block(20, function () use ($request, $code): ?Teacher {
            $keeper = SetUpCode::is($code) ? $this->make($request) : null;
            SetUpCode::use($code);

            return $keeper;
        });
        if ($keeper === null) {
            throw InvalidInput::because('code', Phrase::of('refusal.no-such-set-up-code'));
        }
        Door::enter($request, 'teacher', $keeper);

        return Session::now();
    }

    private function make(SetUpSchoolRequest $request): Teacher
    {
        return DB::transaction(function () use ($request): Teacher {
            $school = School::query()->create($request->settings());
            $kitchen = $school->kitchens()->create(['name' => Said::phraseIn($school->language, Phrase::of('school.first-kitchen'))]);
            $keeper = Teacher::query()->create([
                'kitchen_id' => $kitchen->id, 'name' => $request->string('teacher')->trim()->toString(), 'email' => $request->mail(),
                'password' => $request->string('password')->toString(), 'role' => AdultRole::Keeper,
            ]);
            AdultLog::tell($keeper, Act::SetUp);

            return $keeper;
        });
    }
}
