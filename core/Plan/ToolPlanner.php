<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Kind;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\ShownGrams;
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
    /** Cups from which the large graduated measures come in. */
    private const GRADUATED_FROM_CUPS = 2;

    /** Fills tried for the nearest amount when none is exact: cups and spoons; a pour and one spoon. */
    private const NEAREST_FILLS = 6;

    private const NEAREST_POURS = 2;

    /** Plans given at most. */
    private const MOST_PLANS = 5;

    /** Plans to choose from, where so many exist; and how many fills more than the fewest one of them may take. */
    private const ENOUGH_PLANS = 3;

    private const MORE_FILLS = 5;

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
    public function plan(Amount $amount, Ingredient $ingredient, array $drawer, MeasureStandard $standard, ?HouseMethod $method = null): Plans
    {
        $method = TechniqueCatalogue::methodFor($ingredient, $method);
        $handling = TechniqueCatalogue::handlingFor($ingredient, $method);
        $weighG = Conversion::toGrams($amount, $ingredient, $standard, $this->pantry, $handling)->exact->toFloat();
        $technique = fn (?ToolKind $kind) => TechniqueCatalogue::for($ingredient, $method, $kind, $this->pantry)->levelledAs($this->schools);

        if ($amount->unit->dimension() === Dimension::Count) {
            return $this->counted($amount, $ingredient, $standard, $weighG);
        }
        $ml = $this->volumeToMeasure($amount, $ingredient, $standard);
        if ($ml === null || $ingredient->family === Family::WholeIrregular) {
            return new Plans([], $technique(null), [Advice::WeighInstead], $weighG);
        }

        $density = Density::of($this->pantry, $ingredient, $handling);
        $options = $this->options($ingredient, $drawer, $ml, $standard);
        $plans = $this->exactPlans($options, $ml, $ingredient->family, $density);
        if ($plans === []) {
            $plans = $this->nearestPlan($options, $ml, $density, $weighG, $ingredient->family->isPoured() ? self::NEAREST_POURS : self::NEAREST_FILLS);
        }
        if ($ingredient->family->comesInSticks()) {
            $plans = [...$plans, ...$this->displacement($drawer, $ml, $density)];
        }
        $plans = array_slice(self::explained($this->bestFirst($plans, $amount->unit)), 0, self::MOST_PLANS);
        $first = $plans[0]->fills[0] ?? null;

        return new Plans($plans, $technique($first?->tool->kind), $this->advice($plans, $options, $ml, $ingredient->family, $standard), $weighG);
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
        $plan = new ToolPlan([], true, 0.0, $weight->mean, $weight->u(), Phrase::of('plan.why.counted', ['count' => KitchenNotation::write($pieces)]));

        // Part of an egg is beaten egg, by weight.
        return $isWhole ? new Plans([$plan], $technique, [Advice::CountInstead], $weighG) : new Plans([], $technique, [Advice::WeighInstead], $weighG);
    }

    /**
     * Everything one fill could be, from the tools that suit the family.
     *
     * @param  list<Tool>  $drawer
     * @return list<Fill> of one each
     */
    private function options(Ingredient $ingredient, array $drawer, BigRational $ml, MeasureStandard $standard): array
    {
        $large = $ml->isGreaterThanOrEqualTo($standard->size(Unit::Cup)->multipliedBy(self::GRADUATED_FROM_CUPS));
        $family = $ingredient->family;
        $options = [];
        foreach ($drawer as $tool) {
            $suits = match ($tool->kind) {
                ToolKind::Spoon => true,
                ToolKind::DryCup => match (true) {
                    $family === Family::ViscousLiquid => true,
                    $family->isPoured() => $this->schools->poursIntoDryCups(),
                    $family === Family::LeavenerSpice => $this->schools->leavenersByCup() || $ingredient->kind === Kind::Seed,
                    default => true,
                },
                ToolKind::LiquidMeasure, ToolKind::SmallLiquidMeasure => $family->isPoured() || ($family === Family::ThickDairyPuree && $this->schools->poursThick()),
                ToolKind::TopReadLiquidMeasure => $family->isPoured() && $this->schools->trustsTopRead($tool->trueMl !== null),
                ToolKind::GraduatedDryMeasure => $large && ! $family->isPoured(),
                ToolKind::ButterWrapper => $family->comesInSticks(),
                ToolKind::NoveltyScoop, ToolKind::Scale => false,
            };
            if (! $suits) {
                continue;
            }
            if (! $tool->kind->isMarked()) {
                $options[] = new Fill($tool, 1);
            }
            foreach ($tool->marks as $mark) {
                $options[] = new Fill($tool, 1, $mark);
            }
        }

        return $options;
    }

    /**
     * @param  list<Fill>  $options
     * @return list<ToolPlan>
     */
    private function exactPlans(array $options, BigRational $ml, Family $family, Density $density): array
    {
        $combinations = $family->isPoured() ? $this->poured($options, $ml) : $this->filled($options, $ml);
        $plans = [];
        foreach ($combinations as $fills) {
            $plans[] = $this->exactPlan($fills, $density);
        }

        return $plans;
    }

    /**
     * @param  list<Fill>  $options
     * @return list<non-empty-list<Fill>>
     */
    private function filled(array $options, BigRational $ml): array
    {
        $search = FillSearch::over(array_map(static fn (Fill $f): BigRational => $f->eachMl(), $options), $ml);

        return self::counts($search?->exact(self::ENOUGH_PLANS, self::MORE_FILLS) ?? [], $options);
    }

    /**
     * One pour to a mark, if any vessel has it, or spoons; without such a mark also a pour and the rest by spoon; else
     * several pours.
     *
     * @param  list<Fill>  $options
     * @return list<non-empty-list<Fill>>
     */
    private function poured(array $options, BigRational $ml): array
    {
        $marked = array_values(array_filter($options, static fn (Fill $f): bool => $f->toMark !== null));
        $brimful = array_values(array_filter($options, static fn (Fill $f): bool => $f->toMark === null));
        $found = [];
        $about = $ml->toFloat();
        foreach ($marked as $pour) {
            if ($pour->toMark?->isAt($ml, $about) === true) {
                $found[] = [$pour];
            }
        }
        $spoons = $this->filled($brimful, $ml);
        if ($found !== []) {
            return [...$found, ...$spoons];
        }
        $found = $spoons;
        foreach ($marked as $pour) {
            if ($pour->toMark !== null && $pour->toMark->about < $about) {
                foreach ($this->filled($brimful, $ml->minus($pour->eachMl())) as $rest) {
                    $found[] = [$pour, ...$rest];
                }
            }
        }

        return $found !== [] ? $found : array_values(array_filter(
            $this->filled($marked, $ml),
            static fn (array $fills): bool => array_sum(array_map(static fn (Fill $f): int => $f->count, $fills)) <= 8,
        ));
    }

    /**
     * @param  list<array<int, int>>  $combinations  position in $options => times
     * @param  list<Fill>  $options
     * @return list<non-empty-list<Fill>>
     */
    private static function counts(array $combinations, array $options): array
    {
        $all = [];
        foreach ($combinations as $combination) {
            $fills = [];
            foreach ($combination as $index => $times) {
                $fills[] = new Fill($options[$index]->tool, $times, $options[$index]->toMark);
            }
            if ($fills !== []) {
                $all[] = $fills;
            }
        }

        return $all;
    }

    /** @param  non-empty-list<Fill>  $fills */
    private function exactPlan(array $fills, Density $density): ToolPlan
    {
        $weight = WeightModel::of($fills, $density);
        $count = array_sum(array_map(static fn (Fill $f): int => $f->count, $fills));
        $only = $fills[0];
        $why = match (true) {
            $count > 1 => Phrase::of('plan.why.fewest', ['count' => $count]),
            $only->tool->kind === ToolKind::ButterWrapper => Phrase::of('plan.why.wrapper', ['mark' => $only->toMark->amount ?? $only->toMark->text ?? '']),
            $only->toMark !== null => Phrase::of('plan.why.mark', ['mark' => $only->toMark->amount ?? $only->toMark->text]),
            default => Phrase::of('plan.why.one-fill', ['tool' => $only->tool->called()]),
        };

        return new ToolPlan($fills, true, 0.0, $weight->mean, $weight->u(), $why);
    }

    /**
     * @param  list<Fill>  $options
     * @return list<ToolPlan> one, or none when there is no suitable tool at all
     */
    private function nearestPlan(array $options, BigRational $ml, Density $density, float $weighG, int $most): array
    {
        $search = FillSearch::over(array_map(static fn (Fill $f): BigRational => $f->eachMl(), $options), self::withinReach($ml));
        $fills = $search === null ? [] : (self::counts([$search->nearest($most)], $options)[0] ?? []);
        if ($fills === []) {
            return [];
        }
        $total = array_reduce($fills, static fn (BigRational $sum, Fill $f): BigRational => $sum->plus($f->totalMl()), BigRational::zero());
        $error = 100 * ($total->dividedBy($ml)->toFloat() - 1);
        // A jug is never poured below its lowest line: half as much again, or half, is no nearest.
        if (abs($error) >= 50) {
            return [];
        }
        $weight = WeightModel::of($fills, $density);

        return [new ToolPlan($fills, false, $error, $weight->mean, $weight->u(), Phrase::of('plan.why.nearest', ['percent' => round(abs($error), 1), 'grams' => ShownGrams::of($weighG)]))];
    }

    /** An amount with an odd denominator, to a ten-thousandth of a mL: enough to find what is nearest. */
    private static function withinReach(BigRational $ml): BigRational
    {
        return $ml->toScale(4, RoundingMode::HALF_UP)->toBigRational();
    }

    /**
     * @param  list<ToolPlan>  $plans
     * @param  list<Fill>  $options
     * @return list<Advice>
     */
    private function advice(array $plans, array $options, BigRational $ml, Family $family, MeasureStandard $standard): array
    {
        $best = $plans[0] ?? null;
        $advice = [];
        if ($best === null && $options === []) {
            $advice[] = Advice::NoSuitableTool;
        }
        if ($family->isPoured()) {
            $advice = [...$advice, ...self::marksMissed($best, $options, $ml)];
        }
        $isMuch = ! $family->isPoured() && $ml->isGreaterThan($standard->size(Unit::Cup)->multipliedBy($this->schools->weighAboveCups()));
        if ($best === null || ! $best->exact || $isMuch) {
            $advice[] = Advice::WeighInstead;
        }

        return $advice;
    }

    /**
     * Why no jug takes it in one pour, when none does.
     *
     * @param  list<Fill>  $options
     * @return list<Advice>
     */
    private static function marksMissed(?ToolPlan $best, array $options, BigRational $ml): array
    {
        $marks = array_values(array_filter($options, static fn (Fill $f): bool => $f->toMark !== null));
        $usesNoMark = $best !== null && $best->exact && array_filter($best->fills, static fn (Fill $f): bool => $f->toMark !== null) === [];
        if ($marks === [] || $usesNoMark || ($best !== null && $best->exact && $best->fillCount() === 1)) {
            return [];
        }
        $below = array_filter($marks, static fn (Fill $f): bool => $f->eachMl()->isLessThan($ml));
        $above = array_filter($marks, static fn (Fill $f): bool => $f->eachMl()->isGreaterThan($ml));

        return [match (true) {
            $below === [] => Advice::BelowSmallestMark,
            $above === [] => Advice::AboveHighestMark,
            default => Advice::BetweenMarks,
        }];
    }

    /**
     * @param  list<ToolPlan>  $plans
     * @return list<ToolPlan>
     */
    private function bestFirst(array $plans, Unit $said): array
    {
        $ranks = array_map(fn (ToolPlan $plan): array => $this->rank($plan, $said), $plans);
        uksort($plans, static fn (int $a, int $b): int => $ranks[$a] <=> $ranks[$b]);

        return array_values($plans);
    }

    /**
     * Lowest is best: the class's tool, then fills, spread, different tools, and last the line lettered as the recipe says it.
     *
     * @return list<bool|int|float>
     */
    private function rank(ToolPlan $plan, Unit $said): array
    {
        $otherColumn = array_filter($plan->fills, static fn (Fill $f): bool => $f->toMark?->amount !== null && $f->toMark->amount->unit !== $said);

        return [$this->isSecondChoice($plan), $plan->fillCount(), round($plan->uG, 9), $plan->distinctTools(), $otherColumn !== []];
    }

    /**
     * @param  list<ToolPlan>  $plans  best first
     * @return list<ToolPlan> only those with the fewest fills say so
     */
    private static function explained(array $plans): array
    {
        $fewest = $plans === [] ? 0 : $plans[0]->fillCount();

        return array_map(static fn (ToolPlan $p): ToolPlan => ! $p->exact || $p->fillCount() <= $fewest ? $p
            : new ToolPlan($p->fills, true, 0.0, $p->meanG, $p->uG, Phrase::of('plan.why.more', ['count' => $p->fillCount(), 'fewest' => $fewest])), $plans);
    }

    /**
     * Fat under water: water to a line, fat until the water has risen by the amount, pour off. Two lines are read, so the
     * two readings add up. Kept as an alternative: the narrowest jug that has two such lines, with water enough to cover.
     *
     * @param  list<Tool>  $drawer
     * @return list<ToolPlan> one or none
     */
    private function displacement(array $drawer, BigRational $ml, Density $density): array
    {
        $best = null;
        $about = $ml->toFloat();
        foreach ($drawer as $tool) {
            if ($tool->kind !== ToolKind::LiquidMeasure) {
                continue;
            }
            $highest = max([0.0, ...array_map(static fn (Mark $mark): float => $mark->about, $tool->marks)]);
            foreach ($tool->marks as $water) {
                if ($water->about < $about - 1e-6 || $water->about + $about > $highest + 1e-6) {
                    continue;
                }
                $risen = $tool->markAt($water->ml->plus($ml));
                if ($risen === null || $water->amount?->unit !== $risen->amount?->unit) {
                    continue;
                }
                $weight = WeightModel::displaced(new Fill($tool, 1, $risen), $ml, $density);
                if ($best === null || $weight->u() < $best->uG) {
                    $why = Phrase::of('plan.why.displacement', ['from' => $water->amount ?? $water->text, 'to' => $risen->amount ?? $risen->text]);
                    $best = new ToolPlan([new Fill($tool, 1, $risen)], true, 0.0, $weight->mean, $weight->u(), $why, $water);
                }
            }
        }

        return $best === null ? [] : [$best];
    }

    /** Small liquids go by spoon unless the class says otherwise, fat by cup or wrapper; these stay alternatives. */
    private function isSecondChoice(ToolPlan $plan): bool
    {
        $bySmallMeasure = array_filter($plan->fills, static fn (Fill $f): bool => $f->tool->kind === ToolKind::SmallLiquidMeasure) !== [];

        return $plan->waterTo !== null || ($bySmallMeasure && ! $this->schools->prefersSmallMeasure());
    }
}
