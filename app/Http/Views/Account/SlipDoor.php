<?php

declare(strict_types=1);

namespace App\Http\Views\Account;

use App\Http\Views\View;
use App\Models\Slip;

/** Whom a slip is for. */
final readonly class SlipDoor extends View
{
    /** @param  bool  $is_new  somebody new; or a new password for somebody who is here */
    public function __construct(
        public string $name,
        public string $email,
        public string $school,
        public bool $is_new,
    ) {
    }

    public static function of(Slip $slip): self
    {
        return new self($slip->name, $slip->email, $slip->kitchen->school->name, $slip->teacher_id === null);
    }
}
