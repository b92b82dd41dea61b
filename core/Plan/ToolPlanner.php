<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Words\Phrase;

/**
 * Chooses tools. The family decides their class; then the fewest fills, the smallest spread, the fewest different tools.
 * Marks are hard limits. Over three cups of anything dry, and for whole pieces, the advice is to weigh.
 */
final class ToolPlanner
{
    /** Fills tried for the nearest amount when none is exact: cups and spoons; a pour and one spoon. */
    private const NEAREST_FILLS = 6;

    private const NEAREST_POURS = 2;

    /** Plans given at most. */
    private const MOST_PLANS = 5;

    private readonly HouseRules $schools;

    /** @param  HouseRules|null  $schools  what the class settled on where cooks disagree about tools */
    public function __construct(private readonly Pantry $pantry, ?HouseRules $schools = null)
    {
        $this->schools = $schools ?? HouseRules::usual();
    }

    /**
     * @param  list<Tool>  $drawer  what is owned, in good order and free
     *
     * @throws InvalidInput when the amount makes no sense for this ingredient, or the method is another family's
     */
    public function plan(
        Amount $amount, Ingredient $ingredient, array $drawer, MeasureStandard $standard, ?HouseMethod $method = null,
    ): Plans {
        $method = TechniqueCatalogue::methodFor($ingredient, $method);
        $handling = TechniqueCatalogue::handlingFor($ingredient, $method);
        $weighG = Conversion::toGrams($amount, $ingredient, $standard, $this->pantry, $handling)->exact->toFloat();
        $technique = fn (?ToolKind $kind) => TechniqueCatalogue::for(
            $ingredient, $method, $kind, $this->pantry,
        )->levelledAs($this->schools);

        if ($amount->unit->dimension() === Dimension::Count) {
            return $this->counted($amount, $ingredient, $standard, $weighG);
        }
        $ml = $this->volumeToMeasure($amount, $ingredient, $standard);
        if ($ml === null || $ingredient->family === Family::WholeIrregular) {
            return new Plans([], $technique(null), [Advice::WeighInstead], $weighG);
        }

        $density = Density::of($this->pantry, $ingredient, $handling);
        $options = (new FittingTools($this->schools))->of($ingredient, $drawer, $ml, $standard);
        $plans = Combinations::exact($options, $ml, $ingredient->family, $density);
        if ($plans === []) {
            $plans = Combinations::nearest(
                $options, $ml, $density, $weighG, $ingredient->family->isPoured() ? self::NEAREST_POURS : self::NEAREST_FILLS,
            );
        }
        if ($ingredient->family->comesInSticks()) {
            $plans = [...$plans, ...Displacement::plans($drawer, $ml, $density)];
        }
        $plans = array_slice(PlanOrder::explained((new PlanOrder($this->schools))->bestFirst($plans, $amount->unit)), 0, self::MOST_PLANS);
        $first = $plans[0]->fills[0] ?? null;

        return new Plans(
            $plans, $technique($first?->tool->kind),
            (new ToolAdvice($this->schools))->about($plans, $options, $ml, $ingredient->family, $standard), $weighG,
        );
    }

    /** mL to be measured by volume; null when the line says a weight. A stick of fat is eight tablespoons. */
    private function volumeToMeasure(Amount $amount, Ingredient $ingredient, MeasureStandard $standard): ?BigRational
    {
        if ($amount->unit === Unit::Stick && $ingredient->family->comesInSticks()) {
            return $amount->number->multipliedBy(8)->multipliedBy($standard->size(Unit::Tablespoon));
        }

        return $amount->unit->dimension() === Dimension::Volume ? $amount->inBase($standard) : null;
    }

    private function counted(Amount $amount, Ingredient $ingredient, MeasureStandard $standard, float $weighG): Plans
    {
        $pieces = $amount->inBase($standard);
        $isWhole = $pieces->getDenominator()->isEqualTo(1);
        $each = $ingredient->gramsPerPiece?->toFloat() ?? 0.0;
        $weight = WeightModel::pieces($pieces->toFloat(), $each, $ingredient->cvBatch, $ingredient->cvFill);
        $technique = TechniqueCatalogue::for($ingredient, null, null, $this->pantry);
        $plan = new ToolPlan(
            [], true, 0.0, $weight->mean, $weight->u(),
            Phrase::of('plan.why.counted', ['count' => KitchenNotation::write($pieces)]),
        );

        // Part of an egg is beaten egg, by weight.
        return $isWhole
                ? new Plans([$plan], $technique, [Advice::CountInstead], $weighG)
                : new Plans([], $technique, [Advice::WeighInstead], $weighG);
    }
}
