<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Lab;
use App\Models\Station;
use App\Models\Student;
use Illuminate\Contracts\Auth\Authenticatable;

/** A lab is its section's: who runs the section runs it, who watches it watches it; its students and stations weigh in it. */
final readonly class LabPolicy
{
    public function __construct(private SectionPolicy $sections)
    {
    }

    public function run(Authenticatable $actor, Lab $lab): bool
    {
        return $this->sections->run($actor, $lab->section);
    }

    public function watch(Authenticatable $actor, Lab $lab): bool
    {
        return $this->sections->watch($actor, $lab->section);
    }

    public function weigh(Authenticatable $actor, Lab $lab): bool
    {
        return ($actor instanceof Student || $actor instanceof Station) && $lab->section_id === $actor->section_id;
    }
}
