<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/** Student's t distribution: of a mean over its standard error, where the spread itself is only known from the readings. */
final readonly class StudentT
{
    /** @param  float  $df  degrees of freedom, above 0; Welch's need not be whole */
    public function __construct(public float $df)
    {
    }

    /** How likely a t so far from 0, or farther, to either side. */
    public function beyond(float $t): float
    {
        return SpecialFunction::beta($this->df / ($this->df + $t * $t), $this->df / 2, 0.5);
    }

    /** The share that lies below t. */
    public function below(float $t): float
    {
        return $t < 0 ? $this->beyond($t) / 2 : 1 - $this->beyond($t) / 2;
    }

    /** t within which, to both sides of 0, so much of it lies: 2.262 for 0.95 and 9 degrees of freedom. */
    public function within(float $share): float
    {
        return Root::of(fn (float $t): float => 1 - $this->beyond($t), $share);
    }
}
