<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

use Brick\Math\BigDecimal;
use Hovik\Core\JsonInput;

/** Weight of a level fill handled this way over the same fill in the reference handling, and how much people's habits vary. */
final readonly class HandlingFactor
{
    /**
     * @param  BigDecimal  $mean  dimensionless, 0.4 to 2
     * @param  float  $sd  standard deviation of the factor between people
     * @param  string  $advisable  yes, no or by-school
     */
    public function __construct(public BigDecimal $mean, public float $sd, public string $advisable, public string $why)
    {
    }

    /** What a level US cup weighs when it is handled so (g); null where the food is not measured by the cup. */
    public function ofCup(Ingredient $ingredient): ?BigDecimal
    {
        return $ingredient->gramsPerUsCup?->multipliedBy($this->mean);
    }

    /** @return array{mean: string, sd: float, advisable: string, why: string} to be stored */
    public function toArray(): array
    {
        return ['mean' => (string) $this->mean, 'sd' => $this->sd, 'advisable' => $this->advisable, 'why' => $this->why];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self($stored->decimal('mean'), $stored->number('sd'), $stored->text('advisable'), $stored->text('why'));
    }
}
