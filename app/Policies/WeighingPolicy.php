<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Station;
use App\Models\Student;
use App\Models\Weighing;
use Illuminate\Contracts\Auth\Authenticatable;

/** A station's weighings are seen at that station, and by the student who made them. */
final class WeighingPolicy
{
    public function view(Authenticatable $actor, Weighing $weighing): bool
    {
        return match (true) {
            $actor instanceof Station => $weighing->station_id === $actor->id,
            $actor instanceof Student => $weighing->student_id === $actor->id || $weighing->station_id === $actor->station_id,
            default => false,
        };
    }
}
