<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** A tared weight as a scale showed it: an interval, never a point. */
final readonly class ScaleReading
{
    /** @param  float|null  $sumU  U of a sum of readings, g; null for one tared reading */
    private function __construct(public float $grams, public Scale $scale, private ?float $sumU = null)
    {
    }

    /**
     * A weight that was worked out or comes from the shell: any weight of 0 g or more.
     *
     * @throws InvalidInput
     */
    public static function of(float $grams, Scale $scale, string $field = 'weighed_g'): self
    {
        if (! is_finite($grams)) {
            throw InvalidInput::because($field, Phrase::of('refusal.say-grams'));
        }
        if ($grams < 0) {
            throw InvalidInput::because($field, Phrase::of('refusal.below-zero'));
        }
        if ($grams > 100_000) {
            throw InvalidInput::because($field, Phrase::of('refusal.too-heavy'));
        }

        return new self($grams, $scale);
    }

    /**
     * A weight read off this very scale: it must be one the display can show.
     *
     * @throws InvalidInput saying which it is: nothing on the scale, more than it can weigh, or a step it does not have
     */
    public static function fromDisplay(float $grams, Scale $scale, string $field = 'grams'): self
    {
        $reading = self::of($grams, $scale, $field);
        if ($grams === 0.0) {
            throw InvalidInput::because($field, Phrase::of('reading.zero'));
        }
        if ($scale->capacityG !== null && $grams > $scale->capacityG) {
            throw InvalidInput::because($field, Phrase::of('reading.over-capacity', ['capacity' => $scale->capacityG]));
        }
        $steps = $grams / $scale->readabilityG;
        // Only scales with a round step can be held to it: 1/8 oz is 3.5437 g, and people round what they convert.
        if ($scale->decimals() < 3 && abs($steps - round($steps)) > 1e-6) {
            throw InvalidInput::because($field, Phrase::of('reading.not-a-step', ['step' => $scale->readabilityG]));
        }

        return $reading;
    }

    /**
     * Food that stays in its cups: each cup is a reading of its own, and the line is judged on their sum; their U add in squares.
     *
     * @param  list<CupOnScale>  $cups  1 to 12
     *
     * @throws InvalidInput naming `cups.N.full_g` or `cups.N.empty_g`
     */
    public static function byDifference(array $cups, Scale $scale): self
    {
        if ($cups === [] || count($cups) > CupOnScale::MOST) {
            throw InvalidInput::because('cups', Phrase::of('refusal.range', ['least' => 1, 'most' => CupOnScale::MOST]));
        }
        [$grams, $square] = [0.0, 0.0];
        foreach ($cups as $i => $cup) {
            $part = self::of($cup->grams($scale, "cups.$i"), $scale, "cups.$i.full_g");
            $grams += $part->grams;
            $square += $part->uncertainty() ** 2;
        }

        return new self(round($grams, 6), $scale, sqrt($square));
    }

    /**
     * Several level measures weighed as one, told for one of them: the scale is that many times as fine.
     *
     * @param  int  $together  1 to 12
     *
     * @throws InvalidInput naming `together`
     */
    public function sharedBy(int $together): self
    {
        if ($together < 1 || $together > ScaleFitness::MOST_TOGETHER) {
            throw InvalidInput::because('together', Phrase::of('refusal.range', ['least' => 1, 'most' => ScaleFitness::MOST_TOGETHER]));
        }
        $calibration = $this->scale->calibrationG;

        return new self(
            $this->grams / $together,
            new Scale(
                $this->scale->readabilityG / $together, $calibration === null ? null : $calibration / $together,
                $this->scale->capacityG, $this->scale->typicalTolerance, $this->scale->spanPct,
            ),
        );
    }

    /** What it is in truth, g: with its scale's correction. */
    public function trueGrams(): float
    {
        return $this->scale->corrected($this->grams);
    }

    /** g as it is stored: to a milligram, finer than any kitchen scale. */
    public function kept(): float
    {
        return round($this->grams, 3);
    }

    /**
     * U, g: the expanded uncertainty (k = 2) of a tared reading. Two rounded displays, tare and weight, each rectangular
     * over one step d, give d^2/12 + d^2/12 = d^2/6; the calibration adds its own.
     */
    public function uncertainty(): float
    {
        return $this->sumU ?? 2 * sqrt($this->scale->readabilityG ** 2 / 6 + $this->scale->calibrationUncertainty($this->grams) ** 2);
    }

    /**
     * Whether stored grams are these, as far as grams are stored: to a thousandth.
     *
     * @param  float  $stored  g
     * @param  float  $grams  g
     */
    public static function isStoredAs(float $stored, float $grams): bool
    {
        return abs($stored - $grams) <= 6e-4;
    }
}
