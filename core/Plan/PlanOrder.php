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
    public function __construct(private HouseRules $schools)
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
     * @return list<ToolPlan> only those with the fewest fills say so
     */
    public static function explained(array $plans): array
    {
        $fewest = $plans === [] ? 0 : $plans[0]->fillCount();

        return array_map(static fn (ToolPlan $p): ToolPlan => ! $p->exact || $p->fillCount() <= $fewest ? $p
            : new ToolPlan(
                $p->fills, true, 0.0, $p->meanG, $p->uG, Phrase::of('plan.why.more', ['count' => $p->fillCount(), 'fewest' => $fewest]),
            ), $plans);
    }

    /**
     * Lowest is best: the class's tool, then fills, spread, different tools, and last the line lettered as the recipe says it.
     *
     * @return list<bool|int|float>
     */
    private function rank(ToolPlan $plan, Unit $said): array
    {
        $otherColumn = array_filter(
            $plan->fills, static fn (Fill $f): bool => $f->toMark?->amount !== null && $f->toMark->amount->unit !== $said,
        );

        return [$this->isSecondChoice($plan), $plan->fillCount(), round($plan->uG, 9), $plan->distinctTools(), $otherColumn !== []];
    }

    /** Small liquids go by spoon unless the class says otherwise, fat by cup or wrapper; these stay alternatives. */
    private function isSecondChoice(ToolPlan $plan): bool
    {
        $bySmallMeasure = array_filter($plan->fills, static fn (Fill $f): bool => $f->tool->kind === ToolKind::SmallLiquidMeasure) !== [];

        return $plan->waterTo !== null || ($bySmallMeasure && ! $this->schools->prefersSmallMeasure());
    }
}
