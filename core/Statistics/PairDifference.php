<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/** How two of several groups differ. */
final readonly class PairDifference
{
    /**
     * @param  float  $mean  the second's less the first's
     * @param  array{float, float}  $interval  95 %, for all pairs at once
     * @param  float  $p  adjusted for all pairs
     */
    public function __construct(public string $first, public string $second, public float $mean, public array $interval, public float $p)
    {
    }

    public function isTold(): bool
    {
        return $this->interval[0] > 0 || $this->interval[1] < 0;
    }
}
