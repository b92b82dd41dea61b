<?php

declare(strict_types=1);

namespace Hovik\Core\Period;

/** A worked-through kitchen as the tasks of a period, from bell to bell. */
final class Timeline
{
    /**
     * @param  array{end: int, stations: array<int, int>, tasks: list<array{int, int, bool, int, int}>}  $run
     * @param  array<int, int>  $checks  when each station is checked, s from the start of measuring
     * @return list<PlannedTask>
     */
    public static function of(Period $period, array $run, array $checks): array
    {
        $timeline = [];
        $bell = 0;
        foreach (Fixed::cases() as $block) {
            if ($block->isBefore() && $period->fixedS($block) > 0) {
                $timeline[] = new PlannedTask(null, null, $block->value, $bell, $bell += $period->fixedS($block), []);
            }
        }
        foreach ($run['tasks'] as [$station, $line, $isWeighing, $start, $end]) {
            $of = $period->lines[$line];
            $timeline[] = new PlannedTask(
                $station, $of->id, $isWeighing ? 'weigh' : 'measure', $bell + $start, $bell + $end,
                $isWeighing ? $of->weighNeeds : $of->needs,
            );
        }
        foreach ($checks as $station => $start) {
            $at = $bell + $start;
            foreach (Fixed::AFTER as $block) {
                if ($period->fixedS($block) > 0) {
                    $timeline[] = new PlannedTask($station, null, $block->value, $at, $at += $period->fixedS($block), []);
                }
            }
        }
        if ($period->fixedS(Fixed::CleanUp) > 0) {
            $timeline[] = new PlannedTask(
                null, null, Fixed::CleanUp->value, $run['end'] - $period->fixedS(Fixed::CleanUp), $run['end'], [],
            );
        }
        usort(
            $timeline,
            static fn (PlannedTask $a, PlannedTask $b): int => [$a->startS, $a->station, $a->endS] <=> [$b->startS, $b->station, $b->endS],
        );

        return $timeline;
    }
}
