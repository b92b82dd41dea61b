<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;

final readonly class RosterRow extends View
{
    public function __construct(
        public int $row,
        public string $name,
        public ?int $number,
    ) {
    }
}
