<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Support\Facades\Auth;

/** Who is signed in here. */
final readonly class Session extends View
{
    /**
     * @param  'nobody'|'teacher'|'student'|'station'  $kind
     * @param  string  $version  of Hovik, as CHANGELOG.md has it
     */
    public function __construct(
        public string $kind,
        public ?string $name,
        public ?string $school,
        public string $version,
    ) {
    }

    public static function now(): self
    {
        $version = (string) config('hovik.version');
        $actor = Auth::guard('teacher')->user() ?? Auth::guard('student')->user() ?? Auth::guard('station')->user();

        return match (true) {
            $actor instanceof Teacher => new self('teacher', $actor->name, $actor->kitchen->school, $version),
            $actor instanceof Student => new self('student', $actor->name, $actor->section->kitchen->school, $version),
            $actor instanceof Station => new self('station', $actor->name, $actor->section->kitchen->school, $version),
            default => new self('nobody', null, null, $version),
        };
    }
}
