<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Words\Phrase;

/** What the teacher should know about a line's tools before the day. How often careful work is Level is {@see CarefulWork}. */
final class LineWarnings
{
    /**
     * @param  array<string, Scale>  $scales  by name
     * @param  int  $stations  how many work at once
     * @return list<Phrase>
     */
    public static function of(PlannedLine $line, array $scales, int $stations): array
    {
        $target = $line->target();

        return [...self::tools($line, $target, $stations), ...($scales === [] ? [Phrase::of('warning.no-scale')] : [])];
    }

    /** @return list<Phrase> */
    private static function tools(PlannedLine $line, Target $target, int $stations): array
    {
        $best = $line->plans->best();
        if ($best === null) {
            return in_array(Advice::NoSuitableTool, $line->plans->advice, true) ? [Phrase::of('warning.no-tool')] : [];
        }
        $isNear = abs($best->errorPct) <= Combinations::PLAIN_SHARE * $line->tolerance->percent; // as good as exact: nothing to warn of
        $warnings = $best->exact || $isNear ? [] : [Phrase::of('warning.not-exact', ['percent' => round(abs($best->errorPct), 1)])];
        if (in_array(Advice::WeighInstead, $line->plans->advice, true) && $best->exact) {
            $warnings[] = Phrase::of('warning.much');
        }
        foreach ($best->fills as $fill) {
            $off = 100 * abs($fill->bias() - 1);
            if ($off > 100 * $target->toleranceG() / $target->grams / 4) {
                $warnings[] = Phrase::of('warning.tool-off', ['tool' => $fill->tool->called(), 'percent' => round($off, 1)]);
            }
            if ($fill->tool->isScarce($stations)) {
                $warnings[] = Phrase::of(
                    'warning.few-tools', ['tool' => $fill->tool->called(), 'count' => $fill->tool->count, 'stations' => $stations],
                );
            }
        }

        return $warnings;
    }
}
