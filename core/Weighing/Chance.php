<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Seeded chance: the same seed gives a class the same weights, on any machine. */
final class Chance
{
    private readonly Randomizer $source;

    private ?float $spare = null;

    public function __construct(int $seed)
    {
        $this->source = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /** From 0 up to, not including, 1. */
    public function even(): float
    {
        return $this->source->getInt(0, (1 << 53) - 1) / (1 << 53);
    }

    /** Standard normal, by Box and Muller's polar form. */
    public function normal(): float
    {
        if ($this->spare !== null) {
            [$value, $this->spare] = [$this->spare, null];

            return $value;
        }
        do {
            $x = 2 * $this->even() - 1;
            $y = 2 * $this->even() - 1;
            $square = $x * $x + $y * $y;
        } while ($square >= 1 || $square === 0.0);
        $stretch = sqrt(-2 * log($square) / $square);
        $this->spare = $y * $stretch;

        return $x * $stretch;
    }
}
