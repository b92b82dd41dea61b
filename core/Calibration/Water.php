<?php

declare(strict_types=1);

namespace Hovik\Core\Calibration;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/**
 * Water, by which tools are measured. Its density is that of the international committee for weights and measures (2001), for pure water
 * without air at sea level from 0 to 40 degrees: ρ = a₅ (1 - (t + a₁)² (t + a₂) / (a₃ (t + a₄))); water from the tap differs by some
 * hundred-thousandths. The weight is taken in air, whose lift (about one part in a thousand) is neglected.
 */
final readonly class Water
{
    private const COLDEST = 0.0;

    private const WARMEST = 40.0;

    private const A1 = -3.983035;

    private const A2 = 301.797;

    private const A3 = 522528.9;

    private const A4 = 69.34881;

    private const A5 = 0.999974950;

    private function __construct(public float $celsius)
    {
    }

    /**
     * @param  float  $celsius  degrees, 0 to 40
     *
     * @throws InvalidInput
     */
    public static function at(float $celsius, string $field = 'water_c'): self
    {
        return $celsius >= self::COLDEST && $celsius <= self::WARMEST ? new self($celsius) : throw InvalidInput::because(
            $field, Phrase::of('refusal.range', ['least' => self::COLDEST, 'most' => self::WARMEST]),
        );
    }

    /**
     * @param  float  $fahrenheit  degrees, 32 to 104
     *
     * @throws InvalidInput
     */
    public static function atFahrenheit(float $fahrenheit, string $field = 'water'): self
    {
        $of = static fn (float $celsius): float => $celsius * 9 / 5 + 32;

        return $fahrenheit >= $of(self::COLDEST) && $fahrenheit <= $of(self::WARMEST) ? new self(($fahrenheit - 32) * 5 / 9)
            : throw InvalidInput::because($field, Phrase::of('refusal.range', [
                'least' => $of(self::COLDEST), 'most' => $of(self::WARMEST),
            ]));
    }

    /** g in a mL. */
    public function density(): float
    {
        $t = $this->celsius;

        return self::A5 * (1 - ($t + self::A1) ** 2 * ($t + self::A2) / (self::A3 * ($t + self::A4)));
    }

    /** mL that so many grams take. */
    public function volumeOf(float $grams): float
    {
        return $grams / $this->density();
    }
}
