<?php

declare(strict_types=1);

namespace App\Http\Views\Today;

use App\Http\Views\View;

/** From bell to bell, whoever is taught in it. */
final readonly class TodayPeriod extends View
{
    public function __construct(
        public string $name,
        public string $starts_at,
        public string $ends_at,
    ) {
    }
}
