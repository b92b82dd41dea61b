<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/**
 * Grams per mL of an ingredient handled one way, exact. There are two: what a cup holds, and what a measuring spoon of
 * 20 mL or less holds where that really differs (core/data/sources.md).
 */
final class Density
{
    /** mL. A vessel up to this size takes the spoon weight. */
    public const SPOON_ML = 20;

    private readonly float $cupFloat;

    private readonly float $spoonFloat;

    private ?BigRational $ofCup = null;

    private ?BigRational $ofSpoon = null;

    private function __construct(
        public readonly Ingredient $ingredient,
        public readonly Handling $handling,
        public readonly HandlingFactor $factor,
    ) {
        $us = MeasureStandard::UsCustomary; // what the pantry's weights are of
        $mean = $factor->mean->toFloat();
        $this->cupFloat = ($ingredient->gramsPerUsCup?->toFloat() ?? 0.0) * $mean / $us->sizeAbout(Unit::Cup);
        $this->spoonFloat = $ingredient->gramsPerTsp === null
                ? $this->cupFloat
                : $ingredient->gramsPerTsp->toFloat() * $mean / $us->sizeAbout(Unit::Teaspoon);
    }

    /** @throws InvalidInput when this ingredient is never handled so, or has no weight by volume */
    public static function of(Pantry $pantry, Ingredient $ingredient, ?Handling $handling = null): self
    {
        $handling ??= $ingredient->referenceHandling;
        if ($ingredient->gramsPerUsCup === null) {
            throw InvalidInput::because('ingredient', Phrase::of('refusal.counted', ['name' => Phrase::of("ingredient.$ingredient->id")]));
        }
        $factor = $pantry->handlingFactor($ingredient, $handling)
            ?? throw InvalidInput::because(
                'handling',
                Phrase::of(
                    'refusal.never-so',
                    ['name' => Phrase::of("ingredient.$ingredient->id"), 'handling' => Phrase::of("handling.$handling->value")],
                ),
            );

        return new self($ingredient, $handling, $factor);
    }

    /** g per mL in a vessel of this many mL. */
    public function inVessel(BigRational $ml): BigRational
    {
        $density = $this->usesSpoonWeight($ml)
            ? $this->ofSpoon ??= $this->exact($this->ingredient->gramsPerTsp, Unit::Teaspoon)
            : $this->ofCup ??= $this->exact($this->ingredient->gramsPerUsCup, Unit::Cup);
        assert($density !== null);

        return $density;
    }

    private function exact(?BigDecimal $grams, Unit $per): ?BigRational
    {
        return $grams?->toBigRational()->multipliedBy($this->factor->mean)->dividedBy(
            MeasureStandard::UsCustomary->size($per),
        )->simplified();
    }

    /** The same as a float, for the statistical model. */
    public function inVesselAbout(float $ml): float
    {
        return $ml <= self::SPOON_ML + 1e-9 ? $this->spoonFloat : $this->cupFloat;
    }

    public function usesSpoonWeight(BigRational $ml): bool
    {
        return $this->ingredient->gramsPerTsp !== null && $ml->isLessThanOrEqualTo(self::SPOON_ML);
    }
}
