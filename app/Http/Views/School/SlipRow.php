<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;
use App\School\AdultRole;

final readonly class SlipRow extends View
{
    /** @param  bool  $is_new  somebody new; or a new password for somebody who is here */
    public function __construct(
        public int $id,
        public string $name,
        public string $email,
        public AdultRole $role,
        public string $ends_at,
        public bool $is_new,
    ) {
    }
}
