<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Lab;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Contracts\Auth\Authenticatable;

/** A lab is its section's: the section's teacher runs it, the section's students and stations weigh in it. */
final class LabPolicy
{
    public function run(Authenticatable $actor, Lab $lab): bool
    {
        return $actor instanceof Teacher && $lab->section->teacher_id === $actor->id;
    }

    public function weigh(Authenticatable $actor, Lab $lab): bool
    {
        return ($actor instanceof Student || $actor instanceof Station) && $lab->section_id === $actor->section_id;
    }
}
