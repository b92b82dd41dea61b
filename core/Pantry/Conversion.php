<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\FilledCups;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** Amounts to grams and grams to amounts, exact, with the working and where the figure comes from. */
final readonly class Conversion
{
    /**
     * @param  BigRational  $exact  in the unit asked for
     * @param  list<Phrase>  $working  one sentence a step
     * @param  string|null  $source  of the weight used; null when none was needed
     */
    private function __construct(public BigRational $exact, public array $working, public ?string $source)
    {
    }

    /**
     * The weight of an amount. A volume said in units of 20 mL or less (spoons) takes the spoon weight where the
     * ingredient has one; counts take the weight of a piece; sticks are a mass.
     *
     * @throws InvalidInput when the ingredient has no such weight
     */
    public static function toGrams(
        Amount $amount, Ingredient $ingredient, MeasureStandard $standard, Pantry $pantry, ?Handling $handling = null,
    ): self {
        return match ($amount->unit->dimension()) {
            Dimension::Mass => self::mass($amount, $standard),
            Dimension::Count => self::pieces($amount, $ingredient, $standard),
            default => self::volume($amount, Density::of($pantry, $ingredient, $handling), $standard),
        };
    }

    /**
     * The volume that weighs this much, in a volume unit.
     *
     * @throws InvalidInput when the ingredient is not measured by volume
     */
    public static function fromGrams(
        BigRational $grams, Unit $to, Ingredient $ingredient, MeasureStandard $standard, Pantry $pantry,
        ?Handling $handling = null,
    ): self {
        if ($to->dimension() !== Dimension::Volume) {
            throw InvalidInput::because('to', Phrase::of('refusal.no-volume', ['id' => $to->value]));
        }
        $density = Density::of($pantry, $ingredient, $handling);
        $unitMl = $standard->size($to, 'to');
        $perUnit = $density->inVessel($unitMl)->multipliedBy($unitMl)->simplified();

        return new self($grams->dividedBy($perUnit)->simplified(), [
            ...self::weightOf($density, $unitMl, $to, $standard),
            Phrase::of('working.divide', ['grams' => self::worked($grams), 'each' => self::worked($perUnit), 'unit' => self::one($to)]),
        ], $ingredient->source);
    }

    /**
     * Sticks of fat and a volume, one as the other, exactly: a stick is 8 US tablespoons, whatever a table says it weighs.
     *
     * @return BigRational|null  how many of the unit; null where neither is a stick, or the food comes in none
     */
    public static function sticks(Amount $amount, Unit $to, Ingredient $ingredient, MeasureStandard $standard): ?BigRational
    {
        $isStick = static fn (Unit $unit): bool => $unit === Unit::Stick;
        if (! $ingredient->family->comesInSticks() || $isStick($amount->unit) === $isStick($to)) {
            return null;
        }
        $stickMl = MeasureStandard::UsCustomary->size(Unit::Tablespoon)->multipliedBy(8);
        $volume = $isStick($to) ? $amount->unit : $to;

        return match (true) {
            $volume->dimension() !== Dimension::Volume => null,
            $isStick($to) => $amount->inBase($standard)->dividedBy($stickMl)->simplified(),
            default => $stickMl->multipliedBy($amount->number)->dividedBy($standard->size($to, 'to'))->simplified(),
        };
    }

    /** mL of an amount of this food, as its family fills it. @throws InvalidInput when the amount is no volume */
    public static function ml(Amount $amount, Ingredient $ingredient, MeasureStandard $standard): BigRational
    {
        return self::filled($amount, $ingredient, $standard) ?? $amount->inBase($standard);
    }

    /** Where stamped cups are the measure, and their fractions are rounded ones. */
    private static function filled(Amount $amount, Ingredient $ingredient, MeasureStandard $standard): ?BigRational
    {
        return $ingredient->family->isPoured() ? null : FilledCups::ml($amount, $standard);
    }

    private static function volume(Amount $amount, Density $density, MeasureStandard $standard): self
    {
        $unitMl = $standard->size($amount->unit);
        $filledMl = self::filled($amount, $density->ingredient, $standard);
        if ($filledMl !== null) {
            $exact = $density->inVessel($unitMl)->multipliedBy($filledMl)->simplified();

            return new self($exact, [
                ...self::weightOf($density, $unitMl, $amount->unit, $standard),
                Phrase::of('working.filled-cups', [
                    'amount' => $amount, 'ml' => $filledMl->toScale(0), 'grams' => self::worked($exact),
                ]),
            ], $density->ingredient->source);
        }
        $perUnit = $density->inVessel($unitMl)->multipliedBy($unitMl)->simplified();
        $exact = $perUnit->multipliedBy($amount->number)->simplified();

        return new self($exact, [
            ...self::weightOf($density, $unitMl, $amount->unit, $standard),
            Phrase::of('working.times', ['amount' => $amount, 'each' => self::worked($perUnit), 'grams' => self::worked($exact)]),
        ], $density->ingredient->source);
    }

    private static function pieces(Amount $amount, Ingredient $ingredient, MeasureStandard $standard): self
    {
        if ($ingredient->gramsPerPiece === null) {
            throw InvalidInput::because('unit', Phrase::of('refusal.no-pieces', ['name' => Phrase::of("ingredient.$ingredient->id")]));
        }
        $pieces = $amount->inBase($standard);
        $exact = $pieces->multipliedBy($ingredient->gramsPerPiece)->simplified();

        return new self($exact, [Phrase::of('working.pieces', [
            'count' => KitchenNotation::write($pieces), 'each' => $ingredient->gramsPerPiece, 'grams' => self::worked($exact),
        ])], $ingredient->source);
    }

    private static function mass(Amount $amount, MeasureStandard $standard): self
    {
        // A stick is a US measure: a US standard is what gives it its size.
        $exact = $amount->inBase($standard);

        return new self(
            $exact,
            $amount->unit === Unit::Gram ? [] : [Phrase::of('working.mass', ['amount' => $amount, 'grams' => self::worked($exact)])],
            null,
        );
    }

    /** @return list<Phrase> how the weight of one unit comes about */
    private static function weightOf(Density $density, BigRational $unitMl, Unit $unit, MeasureStandard $standard): array
    {
        $ingredient = $density->ingredient;
        $bySpoon = $density->usesSpoonWeight($unitMl);
        $of = $bySpoon ? Unit::Teaspoon : Unit::Cup;
        $working = [Phrase::of('working.reference', [
            'name' => Phrase::of("ingredient.{$ingredient->id}"),
            'grams' => ($bySpoon ? $ingredient->gramsPerTsp : $ingredient->gramsPerUsCup) ?? 0,
            'unit' => self::one($of),
            'handling' => Phrase::of("handling.{$ingredient->referenceHandling->value}"),
        ])];
        if ($density->handling !== $ingredient->referenceHandling) {
            $working[] = Phrase::of(
                'working.handling',
                ['handling' => Phrase::of("handling.{$density->handling->value}"), 'factor' => $density->factor->mean],
            );
        }
        if ($standard->borrows($unit)) {
            $working[] = Phrase::of('working.us-unit', ['unit' => self::one($unit)]);
        }
        if ($unit !== $of || $standard !== MeasureStandard::UsCustomary) {
            $working[] = Phrase::of(
                'working.unit',
                [
                    'unit' => self::one($unit), 'ml' => $unitMl->toScale(2, RoundingMode::HALF_UP), 'of' => self::one($of),
                    'ofMl' => MeasureStandard::UsCustomary->size($of)->toScale(2, RoundingMode::HALF_UP),
                ],
            );
        }

        return $working;
    }

    private static function one(Unit $unit): Amount
    {
        return Amount::of('1', $unit);
    }

    /** Grams inside a working: to hundredths, so that the steps can be followed; only the result is shown rounded. */
    private static function worked(BigRational $grams): BigDecimal
    {
        return $grams->toScale(2, RoundingMode::HALF_UP)->stripTrailingZeros();
    }
}
