<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigRational;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Weighing\ToleranceLevel;

/** Grams back to measures, as a cook would say them: 249.9 g of flour are 2 cups, 113.4 g of butter half a cup. */
final class WayBack
{
    /** Share of the weight that a measure said back may always be off. */
    private const NEAR = 0.005;

    /**
     * The fewest measures within half a per cent, or half of what a usual class tolerates.
     *
     * @throws \Hovik\Core\InvalidInput when the ingredient is not measured by volume
     */
    public static function measure(BigRational $grams, Ingredient $ingredient, MeasureStandard $standard, Pantry $pantry): KitchenMeasure
    {
        $in = static fn (Unit $unit): BigRational => Conversion::fromGrams($grams, $unit, $ingredient, $standard, $pantry)->exact;
        // Little is measured by spoon, and a spoon may hold another weight.
        $unit = $in(Unit::Cup)->isLessThan('1/4') ? Unit::Tablespoon : Unit::Cup;
        $half = Tolerance::usualPercent($ingredient->family, ToleranceLevel::Practised) / 200;

        return KitchenMeasure::asACook($in($unit)->multipliedBy($standard->size($unit)), $standard, max(self::NEAR, $half));
    }
}
