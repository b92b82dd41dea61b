<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;

final readonly class SchoolKitchen extends View
{
    public function __construct(
        public int $id,
        public string $name,
    ) {
    }
}
