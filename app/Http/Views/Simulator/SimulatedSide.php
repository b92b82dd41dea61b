<?php

declare(strict_types=1);

namespace App\Http\Views\Simulator;

use App\Http\Views\View;

final readonly class SimulatedSide extends View
{
    public function __construct(
        public float $mean_g,
        public float $sd_g,
        public int $level,
        public int $heaped,
        public int $shy,
        public int $too_close,
    ) {
    }
}
