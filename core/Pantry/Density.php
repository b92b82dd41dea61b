<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;

/**
 * Grams per mL of an ingredient handled one way, exact. There are two: what a cup holds, and what a measuring spoon of
 * 20 mL or less holds where that really differs (core/data/sources.md).
 */
final readonly class Density
{
    /** mL. A vessel up to this size takes the spoon weight. */
    public const SPOON_ML = 20;

    private float $cupFloat;

    private float $spoonFloat;

    private function __construct(
        public Ingredient $ingredient,
        public Handling $handling,
        public HandlingFactor $factor,
        private ?BigRational $ofCup,
        private ?BigRational $ofSpoon,
    ) {
        $this->cupFloat = $ofCup?->toFloat() ?? 0.0;
        $this->spoonFloat = $ofSpoon?->toFloat() ?? $this->cupFloat;
    }

    /** @throws InvalidInput when this ingredient is never handled so, or has no weight by volume */
    public static function of(Pantry $pantry, Ingredient $ingredient, ?Handling $handling = null): self
    {
        $handling ??= $ingredient->referenceHandling;
        if ($ingredient->gramsPerUsCup === null) {
            throw new InvalidInput('ingredient', "{$ingredient->name} is counted, not measured by volume.");
        }
        $factor = $pantry->handlingFactor($ingredient, $handling)
            ?? throw new InvalidInput('handling', "{$ingredient->name} is never '{$handling->value}'.");
        $us = MeasureStandard::UsCustomary;
        $per = static fn (?BigDecimal $grams, Unit $unit): ?BigRational => $grams === null ? null
            : $grams->toBigRational()->multipliedBy($factor->mean)->dividedBy($us->size($unit))->simplified();

        return new self($ingredient, $handling, $factor, $per($ingredient->gramsPerUsCup, Unit::Cup), $per($ingredient->gramsPerTsp, Unit::Teaspoon));
    }

    /** g per mL in a vessel of this many mL. */
    public function inVessel(BigRational $ml): BigRational
    {
        $density = $this->usesSpoonWeight($ml) ? $this->ofSpoon : $this->ofCup;
        assert($density !== null);

        return $density;
    }

    /** The same as a float, for the statistical model. */
    public function inVesselAbout(float $ml): float
    {
        return $ml <= self::SPOON_ML + 1e-9 ? $this->spoonFloat : $this->cupFloat;
    }

    public function usesSpoonWeight(BigRational $ml): bool
    {
        return $this->ofSpoon !== null && $ml->isLessThanOrEqualTo(self::SPOON_ML);
    }
}
