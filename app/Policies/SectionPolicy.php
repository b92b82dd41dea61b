<?php

declare(strict_types=1);

namespace App\Policies;

use App\Classes\ColleagueRole;
use App\Models\Colleague;
use App\Models\Section;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Contracts\Auth\Authenticatable;

/**
 * A class is its teacher's and its co-teachers'. An aide of it, and whoever is an aide in the whole school, watches, ticks observations,
 * accepts, sends back and releases; what an aide may not is all that asks for `run`.
 */
final readonly class SectionPolicy
{
    public function __construct(private SchoolPolicy $schools)
    {
    }

    public function run(Authenticatable $actor, Section $section): bool
    {
        return $actor instanceof Teacher && $actor->role->teaches()
                && ($section->teacher_id === $actor->id || $this->helps($actor, $section, [ColleagueRole::CoTeacher]));
    }

    public function watch(Authenticatable $actor, Section $section): bool
    {
        return $actor instanceof Teacher
                && ($section->teacher_id === $actor->id || $this->helps($actor, $section, [ColleagueRole::CoTeacher, ColleagueRole::Aide]));
    }

    public function attend(Authenticatable $actor, Section $section): bool
    {
        return $actor instanceof Student ? $actor->section_id === $section->id : $this->run($actor, $section);
    }

    /** Its teacher gives it away, erases it, or keeps it longer; where they are gone, the keeper does. */
    public function own(Authenticatable $actor, Section $section): bool
    {
        return $actor instanceof Teacher && $actor->role->teaches()
                && ($section->teacher_id === $actor->id || $this->schools->keep($actor, $section->kitchen->school));
    }

    /** @param  list<ColleagueRole>  $roles */
    private function helps(Teacher $teacher, Section $section, array $roles): bool
    {
        return Colleague::query()->where('section_id', $section->id)->where('teacher_id', $teacher->id)->whereIn('role', $roles)->exists();
    }
}
