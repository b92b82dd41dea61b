<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\MeasuringSystem;
use Hovik\Core\Quantity\Unit;

/** A plan keeps to one measuring system: the class's own, and another only where nothing of its own comes near. */
final readonly class SystemChoice
{
    /**
     * @param  float  $tolerancePct  of the line: what is further off is not near
     * @param  Unit  $said  an amount in millilitres is read on a metric column in every class
     */
    public function __construct(
        private Combinations $combinations, private float $tolerancePct, private MeasuringSystem $own, private Unit $said,
    ) {
    }

    /**
     * @param  list<Fill>  $options
     * @return array{list<ToolPlan>, MeasuringSystem} of the first system that comes near; of the nearest where none does
     */
    public function plans(array $options): array
    {
        $best = [[], $this->own];
        $least = INF;
        foreach ($this->systems() as $system) {
            $plans = $this->combinations->of(array_values(array_filter($options, $system->holds(...))));
            $off = $plans === [] ? INF : min(array_map(static fn (ToolPlan $plan): float => abs($plan->errorPct), $plans));
            if ($off < $least) {
                [$best, $least] = [[$plans, $system], $off];
            }
            if ($off <= $this->tolerancePct) {
                break;
            }
        }

        return $best;
    }

    /** @return list<MeasuringSystem> in the order in which they are tried */
    public function systems(): array
    {
        $first = $this->said->isMetricVolume() && $this->own === MeasuringSystem::Us ? [MeasuringSystem::Metric, $this->own] : [$this->own];

        return array_values(array_unique([...$first, ...MeasuringSystem::cases()], SORT_REGULAR));
    }

    /** Whether this is another system than the one the class or the recipe speaks. */
    public function isForeign(MeasuringSystem $system): bool
    {
        return $system !== $this->own && ! ($system === MeasuringSystem::Metric && $this->said->isMetricVolume());
    }
}
