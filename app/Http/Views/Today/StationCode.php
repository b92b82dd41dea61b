<?php

declare(strict_types=1);

namespace App\Http\Views\Today;

use App\Http\Views\View;

final readonly class StationCode extends View
{
    public function __construct(
        public string $name,
        public string $code,
    ) {
    }
}
