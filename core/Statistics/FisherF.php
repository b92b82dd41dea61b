<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/** The F distribution: of two variances over each other that are the same but for chance. */
final readonly class FisherF
{
    /**
     * @param  float  $above  degrees of freedom above the line, above 0
     * @param  float  $under  and under it
     */
    public function __construct(public float $above, public float $under)
    {
    }

    /** How likely an F so large, or larger. */
    public function beyond(float $f): float
    {
        return $f <= 0 ? 1.0 : SpecialFunction::beta($this->under / ($this->under + $this->above * $f), $this->under / 2, $this->above / 2);
    }

    /** F below which so much of it lies. */
    public function quantile(float $share): float
    {
        return Root::of(fn (float $f): float => 1 - $this->beyond($f), $share);
    }
}
