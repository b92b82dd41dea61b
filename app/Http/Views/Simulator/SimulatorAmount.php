<?php

declare(strict_types=1);

namespace App\Http\Views\Simulator;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Simulator\Simulator;

final readonly class SimulatorAmount extends View
{
    public function __construct(
        public string $amount,
        public Unit $unit,
        public string $text,
    ) {
    }

    /** Null where no tool measures so much or so little of it. */
    public static function of(Simulator $simulator, string $number, string $unit): ?self
    {
        try {
            $amount = Amount::of($number, Unit::from($unit));
            new Simulator($simulator->pantry, $simulator->ingredient, $amount, $simulator->standard, $simulator->level);
        } catch (InvalidInput) {
            return null;
        }

        return new self($number, $amount->unit, Said::amount($amount));
    }
}
