<?php

declare(strict_types=1);

namespace App\Http\Views\Account;

use App\Http\Views\View;

final readonly class AccountSession extends View
{
    /** @param  string  $device  'phone', 'tablet', 'computer' */
    public function __construct(
        public string $device,
        public string $at,
        public bool $here,
    ) {
    }
}
