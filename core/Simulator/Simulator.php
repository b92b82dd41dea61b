<?php

declare(strict_types=1);

namespace Hovik\Core\Simulator;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\Plans;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Plan\ToolPlanner;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Weighing\Chance;
use Hovik\Core\Weighing\Geometry;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\TolerancePolicy;
use Hovik\Core\Weighing\Weight;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Words\Phrase;

/** The bench: a food, an amount and tools, to be measured in any way by chance, without using up any flour. */
final class Simulator
{
    public const MOST_DRAWS = 500;

    /** A drawer with everything a school usually has, by whose cup it counts. */
    private const US_DRAWER = [
        'dry-cup-us-1-4', 'dry-cup-us-1-3', 'dry-cup-us-1-2', 'dry-cup-us-1', 'spoon-us-1-8-tsp', 'spoon-us-1-4-tsp',
        'spoon-us-1-2-tsp', 'spoon-us-1-tsp', 'spoon-us-1-tbsp',
        'liquid-measure-us-1-cup', 'liquid-measure-us-2-cup', 'liquid-measure-us-4-cup',
    ];

    private const METRIC_DRAWER = [
        'dry-cup-metric-60-ml', 'dry-cup-metric-80-ml', 'dry-cup-metric-125-ml', 'dry-cup-metric-250-ml', 'spoon-metric-1-25-ml',
        'spoon-metric-2-5-ml', 'spoon-metric-5-ml', 'spoon-metric-15-ml',
        'liquid-measure-metric-500-ml', 'liquid-measure-metric-1-l',
    ];

    /** Amounts worth trying, as people say them. */
    private const AMOUNTS = [
        'spoons' => [['1/2', 'tsp'], ['1', 'tsp'], ['2', 'tsp'], ['1', 'tbsp'], ['2', 'tbsp']],
        'cups' => [['1/4', 'cup'], ['1/3', 'cup'], ['1/2', 'cup'], ['3/4', 'cup'], ['1', 'cup'], ['1 3/4', 'cup'], ['2', 'cup']],
    ];

    public readonly Plans $plans;

    public readonly ToolPlan $plan;

    public readonly Target $target;

    /**
     * @param  int  $choice  which of the plans, from 0
     *
     * @throws InvalidInput naming the field
     */
    public function __construct(
        public readonly Pantry $pantry,
        public readonly Ingredient $ingredient,
        public readonly Amount $amount,
        public readonly MeasureStandard $standard,
        public readonly ToleranceLevel $level,
        int $choice = 0,
    ) {
        if ($ingredient->family === Family::Counted || $ingredient->gramsPerUsCup === null) {
            throw InvalidInput::because('ingredient', Phrase::of('refusal.counted', ['name' => Phrase::of("ingredient.$ingredient->id")]));
        }
        $drawer = array_map(static fn (string $id): Tool => ToolCatalogue::tool($id, $standard), match ($standard) {
            MeasureStandard::Metric250 => self::METRIC_DRAWER,
            MeasureStandard::Australian => [...self::METRIC_DRAWER, 'spoon-au-20-ml'],
            default => self::US_DRAWER,
        });
        // On the bench anybody may pour yogurt into a jug, to see what comes of it.
        $schools = HouseRules::of(['thick-pourables' => 'jug', 'top-read' => 'trusted']);
        $this->plans = (new ToolPlanner($pantry, $schools))->plan($amount, $ingredient, $drawer, $standard);
        $this->plan = array_values(
            array_filter($this->plans->plans, static fn (ToolPlan $plan): bool => $plan->fills !== [] && $plan->waterTo === null),
        )[$choice]
            ?? throw InvalidInput::because('plan', Phrase::of('refusal.no-such-plan'));
        $grams = Conversion::toGrams($amount, $ingredient, $standard, $pantry)->exact->toFloat();
        $isSmall = $amount->unit->dimension() === Dimension::Volume
            && TolerancePolicy::isSmallVolume($amount->inBase($standard)->toFloat());
        $this->target = Target::of(
            $grams, TolerancePolicy::usual($level)->tolerance($ingredient->family, Strictness::Structural, $isSmall),
        );
    }

    /** @return list<array{string, string}> number and unit */
    public static function amountsFor(Ingredient $ingredient): array
    {
        return $ingredient->family === Family::LeavenerSpice
                ? self::AMOUNTS['spoons']
                : [...self::AMOUNTS['cups'], ['2', 'tbsp'], ['2', 'tsp']];
    }

    public function weight(HandlingChoices $hands): Weight
    {
        return WeightModel::of($this->fills(), $this->density($hands), $hands->way());
    }

    /**
     * For drawing the first tool.
     *
     * @return array{float, float} mL: what stands in it, and what would up to the brim
     */
    public function contents(HandlingChoices $hands): array
    {
        $fill = $this->fills()[0];

        return [
            WeightModel::contents($fill, $this->density($hands), $hands->way()),
            Geometry::isRead($fill) ? Geometry::brimMl($fill->tool) : $fill->tool->aboutMl,
        ];
    }

    /** What comes out by chance, g. */
    public function draw(HandlingChoices $hands, Chance $chance): float
    {
        return WeightModel::draw($this->fills(), $this->density($hands), $hands->way(), $chance);
    }

    /**
     * The same by a whole class, on a scale.
     *
     * @param  int  $draws  1 to 500
     * @return non-empty-list<float> g
     *
     * @throws InvalidInput
     */
    public function draws(HandlingChoices $hands, Scale $scale, int $draws, int $seed): array
    {
        if ($draws < 1 || $draws > self::MOST_DRAWS) {
            throw InvalidInput::because('draws', Phrase::of('refusal.range', ['least' => 1, 'most' => self::MOST_DRAWS]));
        }
        $chance = new Chance($seed);
        $draw = fn (): float => WeightModel::drawOnScale($this->draw($hands, $chance), $scale, $chance);
        $all = [$draw()];
        for ($i = 1; $i < $draws; $i++) {
            $all[] = $draw();
        }

        return $all;
    }

    private function density(HandlingChoices $hands): Density
    {
        return Density::of($this->pantry, $this->ingredient, $hands->handling($this->ingredient, $this->pantry));
    }

    /** @return non-empty-list<\Hovik\Core\Drawer\Fill> */
    private function fills(): array
    {
        assert($this->plan->fills !== []);

        return $this->plan->fills;
    }
}
