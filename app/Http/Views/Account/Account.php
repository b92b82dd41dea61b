<?php

declare(strict_types=1);

namespace App\Http\Views\Account;

use App\Auth\HashedSessions;
use App\Http\Views\View;
use App\Models\Teacher;
use App\School\AdultRole;
use App\School\SignedIn;
use Illuminate\Contracts\Session\Session;

/** A teacher's own sign-in. */
final readonly class Account extends View
{
    /** @param  list<AccountSession>  $sessions  the latest first */
    public function __construct(
        public string $name,
        public string $email,
        public AdultRole $role,
        public array $sessions,
    ) {
    }

    public static function of(Teacher $teacher, Session $session): self
    {
        $rows = SignedIn::of($teacher->id, HashedSessions::hash($session->getId()));

        return new self($teacher->name, $teacher->email, $teacher->role, array_map(
            static fn (array $row): AccountSession => new AccountSession($row['device'], $row['at'], $row['here']), $rows,
        ));
    }
}
