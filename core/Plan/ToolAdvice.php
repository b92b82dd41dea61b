<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\MeasuringSystem;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Words\Phrase;

/** What to say where the tools do not quite serve, and why each does not. */
final readonly class ToolAdvice
{
    /** mL */
    private const COMMON_CUP_ML = 260;

    public function __construct(
        private HouseRules $schools, private Ingredient $ingredient, private BigRational $ml, private Unit $said,
        private MeasureStandard $standard, private float $weighG,
    ) {
    }

    /**
     * @param  list<ToolPlan>  $plans  best first
     * @param  list<Fill>  $options
     * @return list<Advice>
     */
    public function about(array $plans, array $options, SystemChoice $choice, MeasuringSystem $system): array
    {
        $best = $plans[0] ?? null;
        $missed = $this->markMissed($best, $options);
        $isMany = $best !== null && $best->fillCount() > $this->schools->mostFills();
        $cups = $this->standard->size(Unit::Cup)->multipliedBy($this->schools->weighAboveCups());
        $isMuch = ! $this->ingredient->family->isPoured() && $this->ml->isGreaterThan($cups);

        return array_values(array_filter([
            $best === null && $options === [] ? Advice::NoSuitableTool : null,
            $missed[0] ?? null,
            $isMany ? Advice::ManyFills : null,
            $best !== null && $choice->isForeign($system) ? Advice::OtherSystem : null,
            $best === null || ! $best->exact || $isMuch || $isMany ? Advice::WeighInstead : null,
        ]));
    }

    /**
     * Why it is no plainer plan, in sentences.
     *
     * @param  list<ToolPlan>  $plans  best first
     * @param  list<Fill>  $options
     * @return list<Phrase>
     */
    public function reasons(array $plans, array $options, SystemChoice $choice, MeasuringSystem $system): array
    {
        $best = $plans[0] ?? null;
        $reasons = [];
        if ($best === null && $options === []) {
            $reasons[] = Phrase::of($this->ingredient->family->isPoured() ? 'plan.note.no-pour' : 'plan.note.no-level');
        }
        $missed = $this->markMissed($best, $options);
        if ($missed !== null) {
            $reasons[] = $missed[1];
        }
        if ($best !== null && $choice->isForeign($system)) {
            $reasons[] = Phrase::of('plan.note.system', ['system' => $system->value]);
        }
        if ($best !== null && $best->fillCount() > $this->schools->mostFills()) {
            $reasons[] = Phrase::of('plan.note.many', ['count' => $best->fillCount(), 'grams' => ShownGrams::of($this->weighG)]);
        }

        return $reasons;
    }

    /**
     * The tool that would make it plain, where it takes many fills or cannot be done at all.
     *
     * @param  list<ToolPlan>  $plans  best first
     * @param  list<Fill>  $options
     * @param  callable(): list<Fill>  $others  of all tools there are, smallest first
     * @return list<Phrase>
     */
    public function help(array $plans, array $options, SystemChoice $choice, callable $others): array
    {
        $best = $plans[0] ?? null;
        if ($best !== null && $best->fillCount() <= $this->schools->mostFills()) {
            return [];
        }
        $owned = array_map(static fn (Fill $fill): string => $fill->tool->id, $options);
        $byTool = [];
        foreach ($others() as $fill) {
            if ($choice->systems()[0]->holds($fill) && ! in_array($fill->tool->id, $owned, true)) {
                $byTool[$fill->tool->id][] = $fill;
            }
        }
        $helps = null;
        $fewest = $this->schools->mostFills() + 1;
        foreach ($byTool as $fills) {
            $tool = $fills[0]->tool;
            foreach ($this->isCommon($tool) ? $choice->plans([...$options, ...$fills])[0] : [] as $plan) {
                if ($plan->exact && $plan->fillCount() < $fewest) {
                    [$helps, $fewest] = [$tool, $plan->fillCount()];
                }
            }
        }

        return $helps === null ? [] : [Phrase::of('plan.note.buy', ['tool' => $helps->called()])];
    }

    /** What a school buys first: cups up to one cup, jugs, spoons. */
    private function isCommon(Tool $tool): bool
    {
        $times = $this->ml->toFloat() / $tool->aboutMl;
        if ($times > $this->schools->mostFills() || $times < 0.5) {
            return false; // by itself it would be too small, or too large
        }

        return match ($tool->kind) {
            ToolKind::DryCup => $tool->aboutMl <= self::COMMON_CUP_ML,
            ToolKind::LiquidMeasure, ToolKind::Spoon => true,
            default => false,
        };
    }

    /**
     * Why no jug takes it in one pour, when none does.
     *
     * @param  list<Fill>  $options
     * @return array{Advice, Phrase}|null
     */
    private function markMissed(?ToolPlan $best, array $options): ?array
    {
        $marked = array_values(array_filter($options, static fn (Fill $f): bool => $f->toMark !== null));
        $usesNoMark = $best !== null && $best->exact && array_filter($best->fills, static fn (Fill $f): bool => $f->toMark !== null) === [];
        $isOnePour = $best !== null && $best->exact && $best->fillCount() === 1;
        if (! $this->ingredient->family->isPoured() || $marked === [] || $usesNoMark || $isOnePour) {
            return null;
        }
        usort($marked, static fn (Fill $a, Fill $b): int => $a->eachMl()->compareTo($b->eachMl()));
        [$lowest, $highest] = [$marked[0], $marked[count($marked) - 1]];
        if ($lowest->eachMl()->isGreaterThan($this->ml)) {
            return [Advice::BelowSmallestMark, $this->said('plan.note.below', $lowest)];
        }
        if ($highest->eachMl()->isLessThan($this->ml)) {
            return [Advice::AboveHighestMark, $this->said('plan.note.above', $highest)];
        }
        $vessel = $this->smallestHolding($marked);
        $below = array_values(array_filter($vessel->marks, fn (Mark $mark): bool => $mark->ml->isLessThan($this->ml)));
        if ($below === []) {
            return [Advice::BetweenMarks, $this->said('plan.note.below', new Fill($vessel, 1, $vessel->marks[0]))];
        }
        usort($below, static fn (Mark $a, Mark $b): int => $a->ml->compareTo($b->ml));

        return [Advice::BetweenMarks, $this->said('plan.note.between', new Fill($vessel, 1, $below[count($below) - 1]))];
    }

    /** @param  non-empty-list<Fill>  $marked  lowest first, the last above the amount */
    private function smallestHolding(array $marked): Tool
    {
        $best = $marked[count($marked) - 1]->tool;
        foreach ($marked as $fill) {
            if ($fill->eachMl()->isGreaterThan($this->ml) && $fill->tool->aboutMl < $best->aboutMl) {
                $best = $fill->tool;
            }
        }

        return $best;
    }

    /** The line is lettered as the recipe speaks, where it can be. */
    private function said(string $id, Fill $fill): Phrase
    {
        $line = $fill->toMark;
        foreach ($fill->tool->marks as $mark) {
            if ($mark->amount?->unit === $this->said && $mark->ml->isEqualTo($fill->eachMl())) {
                $line = $mark;
            }
        }

        return Phrase::of($id, ['tool' => $fill->tool->called(), 'mark' => $line->amount ?? $line->text ?? '']);
    }
}
