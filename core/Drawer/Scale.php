<?php

declare(strict_types=1);

namespace Hovik\Core\Drawer;

use Hovik\Core\InvalidInput;

/** A scale: what it can show, and how well it is known. */
final readonly class Scale
{
    /**
     * @param  float  $readabilityG  the step of its last digit, g, above 0
     * @param  float|null  $calibrationG  standard uncertainty from its check against known weights, g; null until checked
     * @param  float|null  $capacityG  g; null when unknown
     * @param  float  $typicalTolerance  relative, 0 to 1, of its type: stands in for the check until there is one
     */
    public function __construct(public float $readabilityG, public ?float $calibrationG = null, public ?float $capacityG = null, public float $typicalTolerance = 0.0)
    {
        if (! is_finite($readabilityG) || $readabilityG <= 0 || $readabilityG > 1000) {
            throw new InvalidInput('scale.readability_g', 'The step of the scale must be above 0 g and no more than 1000 g.');
        }
        if ($calibrationG !== null && (! is_finite($calibrationG) || $calibrationG < 0 || $calibrationG > 1000)) {
            throw new InvalidInput('scale.u_cal_g', 'The uncertainty from the check must be from 0 g to 1000 g.');
        }
        if ($capacityG !== null && $capacityG <= 0) {
            throw new InvalidInput('scale.capacity_g', 'The capacity must be above 0 g.');
        }
    }

    /** Standard uncertainty from calibration at this reading, g. Unchecked: the type's tolerance over sqrt 3 (rectangular). */
    public function calibrationUncertainty(float $readingG): float
    {
        return $this->calibrationG ?? $this->typicalTolerance * $readingG / sqrt(3.0);
    }

    /** Decimals the display has: 0 for 1 g and 2 g steps, 1 for 0.1 g. */
    public function decimals(): int
    {
        for ($places = 0; $places < 3; $places++) {
            if (abs($this->readabilityG - round($this->readabilityG, $places)) < 1e-9) {
                return $places;
            }
        }

        return 3;
    }
}
