<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Teacher;
use Illuminate\Contracts\Auth\Authenticatable;

/** An adult's sign-in is looked after by the keeper of their school. */
final readonly class TeacherPolicy
{
    public function __construct(private SchoolPolicy $schools)
    {
    }

    public function keep(Authenticatable $actor, Teacher $person): bool
    {
        return $this->schools->keep($actor, $person->kitchen->school);
    }
}
