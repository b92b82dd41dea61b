<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Foundation\Auth\User;

/** Who can sign in: a teacher, a student, a station's tablet. */
abstract class Person extends User
{
    use BootsByName;
}
