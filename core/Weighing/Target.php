<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\InvalidInput;

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
            throw new InvalidInput('target_g', 'The target must be above 0 g and no more than 100 000 g.');
        }

        return new self($grams, $tolerance);
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
