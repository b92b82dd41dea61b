<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Words\Phrase;

/** Fat measured under water. */
final class Displacement
{
    /**
     * Fat under water: water to a line, fat until the water has risen by the amount, pour off. Two lines are read, so the
     * two readings add up. Kept as an alternative: the narrowest jug that has two such lines, with water enough to cover.
     *
     * @param  list<Tool>  $drawer
     * @return list<ToolPlan> one or none
     */
    public static function plans(array $drawer, BigRational $ml, Density $density): array
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
                    $why = Phrase::of(
                        'plan.why.displacement',
                        ['from' => $water->amount ?? $water->text, 'to' => $risen->amount ?? $risen->text],
                    );
                    $best = new ToolPlan([new Fill($tool, 1, $risen)], true, 0.0, $weight->mean, $weight->u(), $why, $water);
                }
            }
        }

        return $best === null ? [] : [$best];
    }
}
