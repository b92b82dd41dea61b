<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\TechniqueCatalogue;

/** A line with nothing left open: one ingredient, one exact amount, and the method its own words ask for. */
final readonly class SettledLine
{
    /**
     * @param  HouseMethod|null  $method  asked for by the recipe's words; null leaves it to the class
     * @param  bool  $isSiftedLater  by the recipe's words it is sifted once it is measured
     * @param  BigDecimal|null  $gramsPerUsCup  the recipe's own weight of a US cup, which the ingredient has then; null for the kitchen's
     */
    private function __construct(
        public Ingredient $ingredient, public Amount $amount, public ?HouseMethod $method, public bool $isSiftedLater,
        public ?BigDecimal $gramsPerUsCup,
    ) {
    }

    /** @param  BigDecimal|null  $gramsPerUsCup  where the recipe's own weight is meant */
    public static function of(
        Ingredient $ingredient, Amount $amount, ?HouseMethod $method = null, bool $isSiftedLater = false, ?BigDecimal $gramsPerUsCup = null,
    ): self {
        return new self(
            $gramsPerUsCup === null ? $ingredient : $ingredient->weighingACup($gramsPerUsCup, 'recipe'),
            $amount, $method, $isSiftedLater, $gramsPerUsCup,
        );
    }

    /**
     * Whether this food is measured so at all, in any kitchen.
     *
     * @throws InvalidInput naming the field: a method of another family, a cup of eggs, a can of no size, a cup that weighs nothing
     */
    public function mustMakeSense(Pantry $pantry): void
    {
        if ($this->gramsPerUsCup !== null) {
            $pantry->with([$this->ingredient->id => ['g_per_us_cup' => (string) $this->gramsPerUsCup, 'g_per_piece' => null]]);
        }
        TechniqueCatalogue::methodFor($this->ingredient, $this->method);
        Conversion::toGrams($this->amount, $this->ingredient, MeasureStandard::UsCustomary, $pantry, $this->method?->handling());
    }

    /** As read, when no question must be answered first; null otherwise. Of a range the lower end: more can be added. */
    public static function from(ReadLine $line, MeasureStandard $standard): ?self
    {
        if ($line->ingredient === null || array_filter($line->flags, static fn (Flag $flag): bool => $flag->mustBeSettled()) !== []) {
            return null;
        }
        $amount = self::amount($line, $standard);

        return $amount === null ? null : self::of($line->ingredient, $amount, self::method($line), $line->isSiftedLater());
    }

    /**
     * Written in one standard's cups and measured with another's: the same volume, in millilitres where the two differ.
     */
    public function measuredIn(MeasureStandard $theirs, MeasureStandard $ours): self
    {
        $unit = $this->amount->unit;
        if ($unit->dimension() !== Dimension::Volume || $theirs->size($unit)->isEqualTo($ours->size($unit))) {
            return $this;
        }

        return new self(
            $this->ingredient, Amount::of($this->amount->inBase($theirs), Unit::Millilitre), $this->method, $this->isSiftedLater,
            $this->gramsPerUsCup,
        );
    }

    /**
     * The line's amounts as one: of 'plus' their sum in the unit of the first, of packages what they hold together; null
     * where there is none, or none that a kitchen could measure.
     */
    public static function amount(ReadLine $line, MeasureStandard $standard): ?Amount
    {
        $sum = null;
        foreach ($line->amounts as $read) {
            $package = $line->package ?? $line->also[0] ?? null;
            [$number, $unit] = $read->unit?->dimension() === Dimension::Ambiguous && $package?->unit !== null
                ? [$read->min->multipliedBy($package->min), $package->unit]
                : [$read->min, $read->unit];
            // A million cups are a slip of the pen: that line stays open, the others are read.
            if ($unit === null || $unit->dimension() === Dimension::Ambiguous || ! Amount::isSane($number->abs())) {
                return null;
            }
            $one = Amount::of($number->abs(), $unit);
            $sum = $sum === null ? $one : self::add($sum, $one, $number->getSign(), $standard);
            if ($sum === null) {
                return null;
            }
        }

        return $sum;
    }

    /** The recipe's own words override the class's method; behind the name they come too late for that. */
    public static function method(ReadLine $line): ?HouseMethod
    {
        $family = $line->ingredient?->family;
        if ($family === Family::FinePowder && in_array('sifted', $line->before, true)) {
            return HouseMethod::SiftSpoonLevel;
        }
        // How the tool is filled, wherever it is said.
        foreach ([...$line->before, ...$line->after] as $word) {
            $degree = HouseMethod::ofWord($word);
            if ($degree !== null && $family !== null && $degree->suits($family)) {
                return $degree;
            }
        }

        return null;
    }

    /** @param  int  $sign  -1 for '1 cup minus 2 tbsp' */
    private static function add(Amount $a, Amount $b, int $sign, MeasureStandard $standard): ?Amount
    {
        if ($a->unit->dimension() !== $b->unit->dimension()) {
            return null;
        }

        $sum = BigRational::of($a->number)->plus($b->inBase($standard)->dividedBy($standard->size($a->unit))->multipliedBy($sign));

        return Amount::isSane($sum) ? Amount::of($sum, $a->unit) : null;
    }
}
