<?php

declare(strict_types=1);

namespace Hovik\Core\Drawer;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/** A scale: what it can show, and how well it is known. */
final readonly class Scale
{
    /**
     * @param  float  $readabilityG  the step of its last digit, g, above 0
     * @param  float|null  $calibrationG  standard uncertainty from its check against known weights, g; null until checked
     * @param  float|null  $capacityG  g; null when unknown
     * @param  float  $typicalTolerance  relative, 0 to 1, of its type: stands in for the check until there is one
     * @param  float  $spanPct  what it shows too much of what lies on it, %, as its check found; a bias at zero goes with the tare
     */
    public function __construct(
        public float $readabilityG, public ?float $calibrationG = null, public ?float $capacityG = null,
        public float $typicalTolerance = 0.0, public float $spanPct = 0.0,
    ) {
        if (! is_finite($readabilityG) || $readabilityG <= 0 || $readabilityG > 1000) {
            throw InvalidInput::because('scale.readability_g', Phrase::of('refusal.above-to', ['least' => 0, 'most' => 1000]));
        }
        if ($calibrationG !== null && (! is_finite($calibrationG) || $calibrationG < 0 || $calibrationG > 1000)) {
            throw InvalidInput::because('scale.u_cal_g', Phrase::of('refusal.range', ['least' => 0, 'most' => 1000]));
        }
        if ($capacityG !== null && $capacityG <= 0) {
            throw InvalidInput::because('scale.capacity_g', Phrase::of('refusal.above-zero'));
        }
    }

    /** @return array<string, float|null> to be stored */
    public function toArray(): array
    {
        return [
            'readability_g' => $this->readabilityG,
            'calibration_g' => $this->calibrationG,
            'capacity_g' => $this->capacityG,
            'typical_tolerance' => $this->typicalTolerance,
            'span_pct' => $this->spanPct,
        ];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->number('readability_g'),
            $stored->numberOr('calibration_g', null),
            $stored->numberOr('capacity_g', null),
            $stored->number('typical_tolerance'),
            $stored->numberOr('span_pct', null) ?? 0.0,
        );
    }

    /** What a tared reading is in truth, g: what the scale shows too much of it is taken off. */
    public function corrected(float $readingG): float
    {
        return $readingG / (1 + $this->spanPct / 100);
    }

    /** Standard uncertainty from calibration at this reading, g. Unchecked: the type's tolerance over sqrt 3 (rectangular). */
    public function calibrationUncertainty(float $readingG): float
    {
        return $this->calibrationG ?? $this->typicalTolerance * $readingG / sqrt(3.0);
    }

    /** Its step is no round gram, so its display may stand on ounces: then the unit is asked with a typed weight. */
    public function mayShowOunces(): bool
    {
        return $this->decimals() > 2;
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
