<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\School;
use App\Models\Teacher;
use Illuminate\Contracts\Auth\Authenticatable;

/** People, settings, log and ends of what is stored are the keeper's. Asked without a school, it is that of whoever asks. */
final class SchoolPolicy
{
    public function keep(Authenticatable $actor, ?School $school = null): bool
    {
        return $actor instanceof Teacher && $actor->isKeeper() && ($school === null || $school->hasTeacher($actor));
    }
}
