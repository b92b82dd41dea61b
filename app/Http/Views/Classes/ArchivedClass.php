<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;

final readonly class ArchivedClass extends View
{
    public function __construct(
        public int $id,
        public string $name,
        public string $archived_at,
    ) {
    }
}
