<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;

final readonly class LabName extends View
{
    public function __construct(
        public int $id,
        public string $title,
    ) {
    }
}
