<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsPlainly;
use Illuminate\Foundation\Auth\User;

/**
 * Who can sign in: a teacher, a student, a station's tablet.
 *
 * @property int $session_version  sessions of an older one have ended
 */
abstract class Person extends User
{
    use BootsByName, ReadsPlainly;

    /** Whoever is signed in as them anywhere is put out. */
    public function endSessions(): void
    {
        $this->increment('session_version');
    }

    /** Whether they may be signed in at all. */
    abstract public function mayBeIn(): bool;
}
