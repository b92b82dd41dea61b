<?php

declare(strict_types=1);

namespace Hovik\Core\Calibration;

/** One line of an uncertainty budget, as the guide to the expression of uncertainty asks. */
final readonly class UncertaintyTerm
{
    /**
     * @param  string  $id  words: `uncertainty.ID`
     * @param  float  $ml  standard uncertainty of the volume from it
     */
    public function __construct(public string $id, public float $ml)
    {
    }
}
