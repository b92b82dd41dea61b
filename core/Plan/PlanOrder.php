<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Words\Phrase;

/** Which plan goes first, and why the others are there. */
final readonly class PlanOrder
{
    private const SPOONS_BEFORE_SMALL_MEASURE = 3;

    /** One tool filled more often than this is no plainer than several. */
    private const MOST_OF_ONE = 4;

    /** @param  bool  $goesBySpoon  by the class's own rule, where spoons make it exactly */
    public function __construct(private HouseRules $schools, private bool $goesBySpoon = false)
    {
    }

    /**
     * @param  list<ToolPlan>  $plans
     * @return list<ToolPlan>
     */
    public function bestFirst(array $plans, Unit $said): array
    {
        $ranks = array_map(fn (ToolPlan $plan): array => $this->rank($plan, $said), $plans);
        uksort($plans, static fn (int $a, int $b): int => $ranks[$a] <=> $ranks[$b]);

        return array_values($plans);
    }

    /**
     * @param  list<ToolPlan>  $plans  best first
     * @return list<ToolPlan> only those with the fewest fills say so; one that the class prefers says what it costs
     */
    public function explained(array $plans): array
    {
        $first = $plans[0] ?? null;
        $quickest = array_values(array_filter($plans, static fn (ToolPlan $plan): bool => $plan->exact && $plan->waterTo === null));
        usort($quickest, static fn (ToolPlan $a, ToolPlan $b): int => $a->fillCount() <=> $b->fillCount());
        if ($first !== null && $first->exact && $quickest !== [] && $quickest[0]->fillCount() < $first->fillCount()) {
            $why = Phrase::of($this->isAllSpoons($first) ? 'plan.why.by-spoon' : 'plan.why.one-tool', [
                'count' => $first->fillCount(), 'fewest' => $quickest[0]->fillCount(),
            ]);
            $plans[0] = $first->because($why);
        }
        $why = static fn (ToolPlan $plan): Phrase => $first?->exact === true
            ? Phrase::of('plan.why.more', ['count' => $plan->fillCount(), 'fewest' => $first->fillCount()])
            : Phrase::of('plan.why.exactly', ['count' => $plan->fillCount()]);

        return array_map(static fn (ToolPlan $plan): ToolPlan => ! $plan->exact || $plan->fillCount() <= ($first?->fillCount() ?? 0)
            ? $plan : $plan->because($why($plan)), $plans);
    }

    /**
     * Lowest is best: no water, then fills, plain lines where there are several (4 and 1 cups before 3 2/3 and 1 1/3), spread, different
     * tools, the line lettered as the recipe says it, and last the station's own set before the shelf.
     *
     * @return list<bool|int|float>
     */
    private function rank(ToolPlan $plan, Unit $said): array
    {
        $otherColumn = array_filter(
            $plan->fills, static fn (Fill $f): bool => $f->toMark?->amount !== null && $f->toMark->amount->unit !== $said,
        );

        return [
            $plan->waterTo !== null, $this->goesBySpoon && ! ($plan->exact && $this->isAllSpoons($plan)), ! $this->isOneTool($plan),
            $plan->fillCount() + $this->handicap($plan), self::awkwardness($plan), round($plan->uG, 9),
            $plan->distinctTools(), $otherColumn !== [], self::fromShelf($plan),
        ];
    }

    private function isAllSpoons(ToolPlan $plan): bool
    {
        return $plan->fills !== [] && array_filter($plan->fills, static fn (Fill $f): bool => $f->tool->kind !== ToolKind::Spoon) === [];
    }

    /** Of one tool, where the class prefers that; else of any. */
    private function isOneTool(ToolPlan $plan): bool
    {
        return ! $this->schools->prefersOneTool()
            || ($plan->exact && $plan->distinctTools() === 1 && $plan->fillCount() <= self::MOST_OF_ONE);
    }

    private static function fromShelf(ToolPlan $plan): int
    {
        return count(array_filter($plan->fills, static fn (Fill $f): bool => $f->tool->inSet === 0));
    }

    /** Parts of the fractions that are poured to, of several pours; columns that change on the way count like a tenth. */
    private static function awkwardness(ToolPlan $plan): int
    {
        $parts = 0;
        $units = [];
        foreach ($plan->fills as $fill) {
            $amount = $fill->toMark?->amount;
            $isPour = $fill->toMark !== null && $fill->tool->kind !== ToolKind::ButterWrapper;
            if ($isPour && $amount !== null) {
                $parts += $fill->count * $amount->number->simplified()->getDenominator()->toInt();
                $units[$amount->unit->value] = true;
            }
        }

        return $plan->fillCount() === 1 ? 0 : $parts + 10 * max(0, count($units) - 1);
    }

    /** Small liquids go by spoon unless the class says otherwise, up to as many spoons as this. */
    private function handicap(ToolPlan $plan): int
    {
        $bySmallMeasure = array_filter($plan->fills, static fn (Fill $f): bool => $f->tool->kind === ToolKind::SmallLiquidMeasure) !== [];

        return $bySmallMeasure && ! $this->schools->prefersSmallMeasure() ? self::SPOONS_BEFORE_SMALL_MEASURE : 0;
    }
}
