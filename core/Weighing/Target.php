<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Words\Phrase;

/** The weight a line asks for, and the band around it that is Level. */
final readonly class Target
{
    private function __construct(public float $grams, public Tolerance $tolerance)
    {
    }

    /**
     * @param  float  $grams  g, above 0 to 100 000
     *
     * @throws InvalidInput
     */
    public static function of(float $grams, Tolerance $tolerance): self
    {
        if (! is_finite($grams) || $grams <= 0 || $grams > 100_000) {
            throw InvalidInput::because('target_g', Phrase::of('refusal.above-to', ['least' => 0, 'most' => 100_000]));
        }

        return new self($grams, $tolerance);
    }

    /** @return array{grams: float, tolerance: array{percent: float, floor_g: float}} to be stored */
    public function toArray(): array
    {
        return ['grams' => $this->grams, 'tolerance' => $this->tolerance->toArray()];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return self::of($stored->number('grams'), Tolerance::fromArray($stored->object('tolerance')));
    }

    /** Decimals in which the target is shown. */
    public function decimals(): int
    {
        return ShownGrams::of($this->grams)->getScale();
    }

    /** Decimals in which its tolerance is shown, wherever it stands: as the target, but under a gram never without any. */
    public function toleranceDecimals(): int
    {
        return $this->toleranceG() < 1 ? max(1, $this->decimals()) : $this->decimals();
    }

    /** @return array{float, float} the Level band, g */
    public function band(): array
    {
        return [$this->grams - $this->toleranceG(), $this->grams + $this->toleranceG()];
    }

    /** T, g */
    public function toleranceG(): float
    {
        return $this->tolerance->inGrams($this->grams);
    }

    /** How many tolerances an error is: 1 is on the edge of the band. Signed. */
    public function inTolerances(float $errorG): float
    {
        return $errorG / $this->toleranceG();
    }
}
