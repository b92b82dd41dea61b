<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;

final readonly class PeriodBlock extends View
{
    public function __construct(
        public string $id,
        public string $name,
        public float $minutes,
    ) {
    }
}
