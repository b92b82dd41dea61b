<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Photo;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Contracts\Auth\Authenticatable;

/** A picture is its station's and its class's teachers'; nobody else sees it. */
final readonly class PhotoPolicy
{
    public function __construct(private SectionPolicy $sections)
    {
    }

    public function see(Authenticatable $actor, Photo $photo): bool
    {
        return match (true) {
            $actor instanceof Station => $actor->id === $photo->station_id,
            $actor instanceof Student => $actor->station_id === $photo->station_id || $actor->id === $photo->student_id,
            $actor instanceof Teacher => $this->sections->run($actor, Section::query()->findOrFail($photo->section_id)),
            default => false,
        };
    }
}
