<?php

declare(strict_types=1);

namespace App\Http\Views\Simulator;

use App\Http\Views\View;
use Hovik\Core\Simulator\Simulator;
use Hovik\Core\Simulator\TwoWays;

/** The same food two ways, many times. */
final readonly class SimulatedTwoWays extends View
{
    /**
     * @param  list<SimulatedBin>  $bins
     * @param  int  $most  in one bin, either way
     */
    public function __construct(
        public float $target_g,
        public float $low_g,
        public float $high_g,
        public int $decimals,
        public array $bins,
        public int $most,
        public SimulatedSide $one,
        public SimulatedSide $other,
    ) {
    }

    public static function of(Simulator $simulator, TwoWays $two): self
    {
        [$low, $high] = $simulator->target->band();

        return new self(
            target_g: $simulator->target->grams,
            low_g: $low,
            high_g: $high,
            decimals: $simulator->target->decimals(),
            bins: array_map(static fn (array $bin): SimulatedBin => new SimulatedBin(...$bin), $two->bins),
            most: $two->most,
            one: new SimulatedSide(...$two->one),
            other: new SimulatedSide(...$two->other),
        );
    }
}
