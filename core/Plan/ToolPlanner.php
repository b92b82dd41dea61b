<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\MeasuringSystem;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
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
    /** Where nobody says another: the tolerance of a line, %. */
    public const USUAL_TOLERANCE_PCT = 8.0;

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
     * @param  float  $tolerancePct  of the line: how near is near enough
     *
     * @throws InvalidInput when the amount makes no sense for this ingredient, or the method is another family's
     */
    public function plan(
        Amount $amount, Ingredient $ingredient, array $drawer, MeasureStandard $standard, ?HouseMethod $method = null,
        float $tolerancePct = self::USUAL_TOLERANCE_PCT,
    ): Plans {
        $method = TechniqueCatalogue::methodFor($ingredient, $method);
        $handling = TechniqueCatalogue::handlingFor($ingredient, $method);
        $weighG = Conversion::toGrams($amount, $ingredient, $standard, $this->pantry, $handling)->exact->toFloat();
        $technique = fn (?ToolKind $kind) => TechniqueCatalogue::for(
            $ingredient, $method, $kind, $this->pantry,
        )->levelledAs($this->schools, $ingredient->family);

        if ($amount->unit->dimension() === Dimension::Count) {
            return $this->counted($amount, $ingredient, $standard, $weighG);
        }
        $ml = $this->volumeToMeasure($amount, $ingredient, $standard);
        if ($ml === null || $ingredient->family === Family::WholeIrregular) {
            return new Plans([], $technique(null), [Advice::WeighInstead], $weighG);
        }

        $density = Density::of($this->pantry, $ingredient, $handling);
        $combinations = new Combinations($density, $ml, $tolerancePct, $weighG, $amount->unit, $this->schools->mostFills());
        $choice = new SystemChoice($combinations, $tolerancePct, MeasuringSystem::of($standard), $amount->unit);
        $fitting = new FittingTools($this->schools);
        $options = $fitting->of($ingredient, $drawer, $ml, $standard);
        [$plans, $system] = $choice->plans($options);
        $upTo = $this->schools->spoonsUpTo();
        $isSpooned = $upTo !== null && ! $ingredient->family->isPoured()
            && $ml->isLessThanOrEqualTo($standard->size(Unit::Cup)->multipliedBy($upTo));
        $order = new PlanOrder($this->schools, $isSpooned);
        if ($ingredient->family->comesInSticks()) {
            $plans = [...$plans, ...Displacement::plans($drawer, $ml, $density)];
        }
        $plans = array_slice($order->explained($order->bestFirst($plans, $amount->unit)), 0, self::MOST_PLANS);
        $advice = new ToolAdvice($this->schools, $ingredient, $ml, $amount->unit, $standard, $weighG);
        $options = array_values(array_filter($options, $system->holds(...))); // what is said is of the column that is read
        $all = static fn (): array => $fitting->of($ingredient, ToolCatalogue::all($standard), $ml, $standard);

        return new Plans(
            $plans, $technique(($plans[0]->fills[0] ?? null)?->tool->kind),
            $advice->about($plans, $options, $choice, $system), $weighG,
            [...$advice->reasons($plans, $options, $choice, $system), ...$advice->help($plans, $options, $choice, $all)],
        );
    }

    /** mL to be measured by volume; null when the line says a weight. A stick of fat is eight tablespoons. */
    private function volumeToMeasure(Amount $amount, Ingredient $ingredient, MeasureStandard $standard): ?BigRational
    {
        if ($amount->unit === Unit::Stick && $ingredient->family->comesInSticks()) {
            // A class without sticks of its own has US ones.
            $own = $standard->borrows(Unit::Pint) ? MeasureStandard::UsCustomary : $standard;

            return $amount->number->multipliedBy(8)->multipliedBy($own->size(Unit::Tablespoon));
        }

        return $amount->unit->dimension() === Dimension::Volume ? Conversion::ml($amount, $ingredient, $standard) : null;
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
