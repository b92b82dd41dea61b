<?php

declare(strict_types=1);

namespace App\Http\Views\Simulator;

use App\Http\Views\View;

final readonly class SimulatedBin extends View
{
    public function __construct(
        public float $from_g,
        public float $to_g,
        public int $one,
        public int $other,
    ) {
    }
}
