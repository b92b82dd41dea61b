<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;

final readonly class SentBack extends View
{
    public function __construct(
        public int $line,
        public string $reason,
    ) {
    }
}
