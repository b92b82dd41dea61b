<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Hovik\Core\Drawer\Tool;
use Hovik\Core\Lab\FrozenWay;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Words\Phrase;

/**
 * How stations measure a line that have tools of their own: the same fills with their own tools at their true sizes; other tools only where
 * one of them is not there. The target follows the amount, and stays.
 */
final class StationWays
{
    /** A station is told of its tools where they give more than this share of the tolerance too much or too little. */
    private const TELLS = 0.25;

    /**
     * @param  array<int, list<Tool>>  $drawers  by station, of those that have tools nobody else has
     * @param  list<int>  $stations  all of them
     * @return list<FrozenWay> the usual one first
     */
    public static function of(PlannedLine $line, array $drawers, LinePlanner $planner, array $stations): array
    {
        $usual = $line->plans->best();
        if ($usual === null || $usual->fills === [] || $drawers === []) {
            return [FrozenWay::of($line->plans)];
        }
        $density = Density::of($line->pantry, $line->ingredient, $line->handling);
        $ways = $at = [];
        foreach ($drawers as $station => $drawer) {
            $plan = $usual->with($drawer, $density);
            $plans = $plan === null ? $planner->from($drawer, $line)
                : new Plans([$plan], $line->plans->technique, $line->plans->advice, $line->plans->weighG);
            $key = (string) json_encode($plans->best()?->toArray());
            if ($key !== json_encode($usual->toArray())) {
                $ways[$key] = $plans;
                $at[$key][] = $station;
            }
        }
        if ($ways === []) {
            return [FrozenWay::of($line->plans)];
        }

        return [
            FrozenWay::of($line->plans, array_values(array_diff($stations, ...array_values($at)))),
            ...array_map(FrozenWay::of(...), array_values($ways), array_values($at)),
        ];
    }

    /**
     * What tools whose true size is known add or take, where it matters.
     *
     * @param  float  $tolerancePct  of the line
     * @return list<Phrase>
     */
    public static function trueSizes(?ToolPlan $plan, float $tolerancePct): array
    {
        $said = [];
        foreach ($plan->fills ?? [] as $fill) {
            $off = 100 * ($fill->bias() - 1);
            if ($fill->isChecked() && abs($off) > self::TELLS * $tolerancePct) {
                $said[] = Phrase::of($off > 0 ? 'way.large' : 'way.small', [
                    'tool' => $fill->tool->own ?? $fill->tool->called(), 'percent' => round(abs($off), 1),
                    'ml' => round($fill->eachMl()->toFloat() * $fill->bias(), 1),
                ]);
            }
        }

        return $said;
    }
}
