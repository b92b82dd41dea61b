<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;

final readonly class TaskAim extends View
{
    public function __construct(
        public string $id,
        public string $said,
        public bool $shown,
    ) {
    }
}
