<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;

/** A PIN to hand out. */
final readonly class NewPin extends View
{
    public function __construct(
        public string $name,
        public string $pin,
    ) {
    }
}
