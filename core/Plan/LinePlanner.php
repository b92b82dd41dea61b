<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\RoundingMode;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\Technique;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\TolerancePolicy;

/** Puts tools, technique, target and tolerance together for one line of a lab, by a class's settings. */
final class LinePlanner
{
    private readonly ToolPlanner $tools;

    private readonly HouseRules $schools;

    private readonly TolerancePolicy $policy;

    /**
     * @param  list<Tool>  $drawer
     * @param  HouseRules|null  $schools  what the class settled on; null for the usual
     */
    public function __construct(
        public readonly Pantry $pantry,
        private readonly array $drawer,
        private readonly MeasureStandard $standard,
        ToleranceLevel|TolerancePolicy $level,
        ?HouseRules $schools = null,
    ) {
        $this->policy = $level instanceof TolerancePolicy ? $level : TolerancePolicy::usual($level);
        $this->schools = $schools ?? HouseRules::usual();
        $this->tools = new ToolPlanner($pantry, $this->schools);
    }

    /**
     * @param  HouseMethod|null  $asked  by the recipe's own words: overrides the class's choice
     * @param  float|null  $tolerancePct  the teacher's own, instead of the usual one
     * @param  bool  $isSiftedLater  by the recipe's own words: measured first
     *
     * @throws InvalidInput when the amount makes no sense for the ingredient
     */
    public function plan(
        Ingredient $ingredient,
        Amount $amount,
        Strictness $strictness,
        ?HouseMethod $asked = null,
        ?float $tolerancePct = null,
        MeasuringMode $mode = MeasuringMode::Checked,
        bool $isSiftedLater = false,
    ): PlannedLine {
        $method = TechniqueCatalogue::methodFor($ingredient, $asked ?? $this->schools->methodFor($ingredient, $isSiftedLater));
        $handling = TechniqueCatalogue::handlingFor($ingredient, $method);
        $conversion = Conversion::toGrams($amount, $ingredient, $this->standard, $this->pantry, $handling);
        $usual = $this->policy->tolerance(
            $ingredient->family, $strictness, $this->isSmall($amount, $mode, $conversion->exact->toFloat()),
        );
        $tolerance = $tolerancePct === null ? $usual : Tolerance::of($tolerancePct, $usual->floorG);

        return new PlannedLine(
            ingredient: $ingredient,
            amount: $amount,
            measure: KitchenMeasure::asMeasured($amount, $this->standard),
            plans: $this->plans($ingredient, $amount, $mode, $method, $tolerance->percent, $conversion->exact->toFloat()),
            method: $method,
            handling: $handling,
            targetG: $conversion->exact->toScale(4, RoundingMode::HALF_UP),
            tolerance: $tolerance,
            working: $conversion->working,
            source: $conversion->source,
            standard: $this->standard,
            mode: $mode,
            strictness: $strictness,
            hasOwnTolerance: $tolerancePct !== null,
            pantry: $this->pantry,
        );
    }

    /**
     * Tools and technique for a line that is planned already, from another drawer.
     *
     * @param  list<Tool>  $drawer
     */
    public function from(array $drawer, PlannedLine $line): Plans
    {
        return $this->tools->plan(
            $line->amount, $line->ingredient, $drawer, $line->standard, $line->method, $line->tolerance->percent,
        );
    }

    private function plans(
        Ingredient $ingredient, Amount $amount, MeasuringMode $mode, ?HouseMethod $method, float $tolerancePct, float $grams,
    ): Plans {
        $weighed = TechniqueCatalogue::for($ingredient, $method, null, $this->pantry);
        if ($mode === MeasuringMode::Weight) {
            return new Plans([], $weighed, [Advice::WeighInstead], $grams);
        }
        $plans = $this->tools->plan($amount, $ingredient, $this->drawer, $this->standard, $method, $tolerancePct);

        // A pinch that nobody checks is taken by hand: it is not weighed either.
        return $mode === MeasuringMode::Volume && $plans->best() === null
            ? new Plans([], new Technique([], null, $weighed->cautions), [], $grams) : $plans;
    }

    /** Up to 20 mL by spoons, or up to 15 g weighed out: the least that is asked of anyone is less. */
    private function isSmall(Amount $amount, MeasuringMode $mode, float $grams): bool
    {
        return match (true) {
            $amount->unit->dimension() === Dimension::Count => false,
            $mode === MeasuringMode::Weight, $amount->unit->dimension() === Dimension::Mass => $grams <= TolerancePolicy::SMALL_G,
            default => TolerancePolicy::isSmallVolume($amount->inBase($this->standard)->toFloat()),
        };
    }
}
