<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Models\School;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use App\School\AdultRole;
use App\School\SetUpCode;
use App\School\Spelling;
use Hovik\Core\Words\BritishEnglish;
use Illuminate\Support\Facades\Auth;

/** Who is signed in here. */
final readonly class Session extends View
{
    /**
     * @param  'nobody'|'teacher'|'student'|'station'  $kind
     * @param  string  $version  of Hovik, as CHANGELOG.md has it
     * @param  AdultRole|null  $role  of a teacher in the school
     * @param  JsonMap<string>|null  $british  words of a British school, by those that the screens have; null: it writes as they do
     * @param  bool  $demo  the demo school: anybody knows its passwords
     * @param  bool  $to_set_up  an empty installation: the first visitor sets it up
     */
    public function __construct(
        public string $kind,
        public ?string $name,
        public ?string $school,
        public string $version,
        public ?AdultRole $role,
        public ?JsonMap $british,
        public bool $demo,
        public bool $to_set_up,
    ) {
    }

    public static function now(): self
    {
        $actor = Auth::guard('teacher')->user() ?? Auth::guard('student')->user() ?? Auth::guard('station')->user();

        return match (true) {
            $actor instanceof Teacher => self::of('teacher', $actor, $actor->kitchen->school, $actor->role),
            $actor instanceof Student => self::of('student', $actor, $actor->section->kitchen->school),
            $actor instanceof Station => self::of('station', $actor, $actor->section->kitchen->school),
            default => new self(
                'nobody', null, null, (string) config('hovik.version'), null, null, config('hovik.demo') === true, SetUpCode::isEmpty(),
            ),
        };
    }

    /** @param  'teacher'|'student'|'station'  $kind */
    private static function of(string $kind, Teacher|Student|Station $who, School $school, ?AdultRole $role = null): self
    {
        return new self(
            $kind, $who->name, $school->name, (string) config('hovik.version'), $role,
            $school->spelling === Spelling::British ? new JsonMap(BritishEnglish::words()) : null, config('hovik.demo') === true, false,
        );
    }
}
