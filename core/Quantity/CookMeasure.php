<?php

declare(strict_types=1);

namespace Hovik\Core\Quantity;

use Brick\Math\BigRational;

/**
 * A volume as a cook would say it: the fewest measures that come near enough, a cup fraction or two before a row of spoons.
 * 249.9 g of flour are 2 cups, 177 g are 2/3 + 3/4 cup.
 */
final class CookMeasure
{
    private const CUPS = ['1/4', '1/3', '1/2', '2/3', '3/4', '1'];

    private const SPOONS = ['1/8', '1/4', '1/2', '3/4', '1', '1 1/2', '2', '2 1/2'];

    /** Whole cups at most; more is weighed. */
    private const MOST_CUPS = 40;

    /**
     * @param  float  $within  share of the volume that it may be off
     * @return list<Amount>|null the fewest, and of equally few the nearest; null where no two are near enough
     */
    public static function of(BigRational $ml, MeasureStandard $standard, float $within): ?array
    {
        $goal = $ml->toFloat();
        $best = null;
        $least = $within + 1e-9;
        foreach ([self::single($standard, $goal), self::pairs($standard, $goal)] as $ways) {
            foreach ($ways as [$parts, $size]) {
                $off = abs($size / $goal - 1);
                if ($off < $least - 1e-12) {
                    [$best, $least] = [$parts, $off];
                }
            }
            if ($best !== null) {
                return $best;
            }
        }

        return null;
    }

    /** @return iterable<array{list<Amount>, float}> one measure, with its mL */
    private static function single(MeasureStandard $standard, float $goal): iterable
    {
        foreach (self::amounts($standard, $goal) as $amount) {
            yield [[$amount], $amount->inBase($standard)->toFloat()];
        }
    }

    /** @return iterable<array{list<Amount>, float}> two measures: cups, or cups and tablespoons, or spoons of two sizes */
    private static function pairs(MeasureStandard $standard, float $goal): iterable
    {
        $amounts = self::amounts($standard, $goal);
        $sizes = array_map(static fn (Amount $one): float => $one->inBase($standard)->toFloat(), $amounts);
        // Cup fractions first, so that of equally near ones they are said.
        foreach ($amounts as $i => $one) {
            for ($j = 0; $j < $i; $j++) {
                $other = $amounts[$j];
                $isRow = $one->unit === Unit::Teaspoon && $other->unit === Unit::Cup; // a cook does not jump from cups to teaspoons
                if (! $isRow && ($one->unit !== $other->unit || $one->unit === Unit::Cup)) {
                    yield [$sizes[$j] < $sizes[$i] ? [$one, $other] : [$other, $one], $sizes[$i] + $sizes[$j]];
                }
            }
        }
    }

    /** @return list<Amount> cups, tablespoons, teaspoons that are no more than what is wanted, or a little */
    private static function amounts(MeasureStandard $standard, float $goal): array
    {
        $cup = $standard->sizeAbout(Unit::Cup);
        $amounts = [];
        $whole = min(self::MOST_CUPS, (int) floor($goal / $cup) + 1);
        foreach ([$whole - 2, $whole - 1, $whole] as $base) {
            foreach (['0', ...self::CUPS] as $fraction) {
                $number = BigRational::of($base)->plus($fraction);
                if ($number->isPositive()) {
                    $amounts[(string) $number] = Amount::of($number, Unit::Cup);
                }
            }
        }
        foreach (self::CUPS as $fraction) {
            $amounts[$fraction] ??= Amount::of($fraction, Unit::Cup);
        }
        $amounts = array_values($amounts);
        for ($tbsp = 1; $tbsp <= 4; $tbsp++) {
            $amounts[] = Amount::of(BigRational::of($tbsp), Unit::Tablespoon);
        }
        foreach (self::SPOONS as $tsp) {
            $amounts[] = Amount::of($tsp, Unit::Teaspoon);
        }

        return array_values(array_filter($amounts, static fn (Amount $one): bool => $one->inBase($standard)->toFloat() <= 1.2 * $goal));
    }
}
