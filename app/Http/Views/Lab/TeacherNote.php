<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;

final readonly class TeacherNote extends View
{
    public function __construct(
        public float $at,
        public string $text,
    ) {
    }
}
