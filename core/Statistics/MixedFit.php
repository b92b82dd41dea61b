<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/** What a {@see MixedModel} says under one set of variances. */
final readonly class MixedFit
{
    /**
     * @param  array<int, float>  $theta  standard deviation of each factor over the error's
     * @param  float  $deviance  REML: the less, the likelier
     * @param  float  $variance  of the error
     * @param  array<int, float>  $means  of each kind
     * @param  array<int, float>  $meanErrors  their standard errors
     * @param  array<int, array<int, float>>  $effects  by factor and level
     * @param  array<int, array<int, float>>  $errors  their standard errors of prediction, the means' doubt with them
     */
    public function __construct(
        public array $theta, public float $deviance, public float $variance, public array $means, public array $meanErrors,
        public array $effects, public array $errors,
    ) {
    }

    public function varianceOf(int $factor): float
    {
        return $this->theta[$factor] ** 2 * $this->variance;
    }
}
