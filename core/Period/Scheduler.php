<?php

declare(strict_types=1);

namespace Hovik\Core\Period;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Plans a period. Stations take their lines in an order of their own; whenever something ends, whoever is furthest behind starts
 * what can be started: what waits for a scale first, then the next line whose tools are free. The orders begin rotated, so that
 * nobody queues, and are bettered by exchanging lines of the station that ends last (a stochastic local search over list
 * schedules: R. Graham, Bounds on multiprocessing timing anomalies, 1969, for the lists). The seed is fixed: the same lab gives the same plan.
 */
final class Scheduler
{
    /** Improving tries: fewer where a try takes longer, so that a plan is there before anybody waits. */
    private const TRIES = 400;

    private const TASKS_TRIED = 24_000;

    private const TRIES_ONE_MORE = 8;

    /** A resource loaded for less than this part of the time cannot hold anybody up much. */
    private const SCARCE_FROM = 0.5;

    private readonly Randomizer $random;

    /** @var list<array{list<int>, list<int>, int, int, list<int>}> needs, weigh needs, s to measure, s to weigh, lines that must come first */
    private array $ops = [];

    /** @var list<int> how many of each resource */
    private array $counts = [];

    private function __construct(private readonly Period $period)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar(11));
        $ids = array_keys($period->resources);
        $this->counts = array_values($period->resources);
        $index = array_flip($ids);
        foreach ($period->lines as $line) {
            $before = [];
            foreach ($period->lines as $j => $other) {
                // Dry before wet, where they share a tool.
                if ($line->isWet() && ! $other->isWet() && array_intersect($line->needs, $other->needs) !== []) {
                    $before[] = $j;
                }
            }
            $this->ops[] = [array_map(static fn (string $id): int => $index[$id], $line->needs), array_map(static fn (string $id): int => $index[$id], $line->weighNeeds), $line->measureS, $line->weighS, $before];
        }
    }

    public static function plan(Period $period): PeriodPlan
    {
        $search = new self($period);
        [$orders, $run] = $search->best($search->firstOrders(), min(self::TRIES, intdiv(self::TASKS_TRIED, 1 + $period->stations * count($period->lines))));
        $saves = [];
        foreach ($period->resources as $id => $count) {
            $saves[$id] = 0;
            if ($period->loadS($id) / $count >= self::SCARCE_FROM * $run['end']) {
                [, $more] = (new self($period->withOneMore($id)))->best([$orders], self::TRIES_ONE_MORE);
                $saves[$id] = max(0, $run['end'] - $more['end']);
            }
        }

        return new PeriodPlan($period, $search->timeline($run), $run['end'], $period->lowerBoundS(), $search->bottleneck(), $saves);
    }

    private function bottleneck(): ?string
    {
        if ($this->period->lines === []) {
            return null;
        }
        $heaviest = PeriodPlan::HANDS;
        $load = $this->period->pathS();
        foreach ($this->period->resources as $id => $count) {
            if ($this->period->loadS($id) / $count > $load) {
                [$heaviest, $load] = [$id, $this->period->loadS($id) / $count];
            }
        }

        return $heaviest;
    }

    /**
     * Orders to begin with: lines rotated from station to station, dry ones first; and the longest first.
     *
     * @return non-empty-list<list<list<int>>> each: by station, lines in order
     */
    private function firstOrders(): array
    {
        $lines = array_keys($this->ops);
        $dryFirst = $lines;
        usort($dryFirst, fn (int $a, int $b): int => [$this->period->lines[$a]->isWet(), $a] <=> [$this->period->lines[$b]->isWet(), $b]);
        $longFirst = $lines;
        usort($longFirst, fn (int $a, int $b): int => $this->ops[$b][2] + $this->ops[$b][3] <=> $this->ops[$a][2] + $this->ops[$a][3]);
        $shortFirst = array_reverse($longFirst);

        return array_map(fn (array $from): array => $this->rotated($from), [$dryFirst, $longFirst, $shortFirst]);
    }

    /**
     * @param  list<int>  $lines
     * @return list<list<int>>
     */
    private function rotated(array $lines): array
    {
        $orders = [];
        $n = count($lines);
        for ($s = 0; $s < $this->period->stations; $s++) {
            $by = $n === 0 ? 0 : intdiv($s * $n, $this->period->stations);
            $orders[] = [...array_slice($lines, $by), ...array_slice($lines, 0, $by)];
        }

        return $orders;
    }

    /**
     * @param  non-empty-list<list<list<int>>>  $starts
     * @return array{list<list<int>>, array{end: int, stations: array<int, int>, tasks: list<array{int, int, bool, int, int}>}} orders and their run
     */
    private function best(array $starts, int $tries): array
    {
        $orders = $starts[0];
        $run = $this->run($orders);
        foreach (array_slice($starts, 1) as $other) {
            $ran = $this->run($other);
            if ($this->isBetter($ran, $run)) {
                [$orders, $run] = [$other, $ran];
            }
        }
        $bound = $this->period->lowerBoundS();
        for ($try = 0; $try < $tries && $run['end'] > $bound && count($this->ops) > 1; $try++) {
            $changed = $orders;
            // Mostly the station that ends last, else any.
            $any = $this->random->getInt(0, $this->period->stations - 1);
            $station = $try % 3 === 2 ? $any : $this->last($run['stations']);
            $changed[$station] = $this->exchanged($changed[$station]);
            if ($try % 2 === 1) {
                $changed[$any] = $this->exchanged($changed[$any]);
            }
            $ran = $this->run($changed);
            if (! $this->isBetter($run, $ran)) {
                [$orders, $run] = [$changed, $ran];
            }
        }

        return [$orders, $run];
    }

    /** @param  array<int, int>  $ends */
    private function last(array $ends): int
    {
        arsort($ends);

        return array_key_first($ends) ?? 0;
    }

    /**
     * @param  list<int>  $order
     * @return list<int>
     */
    private function exchanged(array $order): array
    {
        $a = $this->random->getInt(0, count($order) - 1);
        $b = $this->random->getInt(0, count($order) - 1);
        [$order[$a], $order[$b]] = [$order[$b], $order[$a]];

        return array_values($order);
    }

    /**
     * @param  array{end: int, stations: array<int, int>, tasks: mixed}  $one
     * @param  array{end: int, stations: array<int, int>, tasks: mixed}  $other
     */
    private function isBetter(array $one, array $other): bool
    {
        return [$one['end'], array_sum($one['stations'])] < [$other['end'], array_sum($other['stations'])];
    }

    /**
     * Lets the stations work through their orders.
     *
     * @param  list<list<int>>  $orders
     * @return array{end: int, stations: array<int, int>, tasks: list<array{int, int, bool, int, int}>} tasks: station, line, whether it is weighing, start and end in s
     */
    private function run(array $orders): array
    {
        $stations = $this->period->stations;
        $free = $this->counts;
        $hands = array_fill(0, $stations, $this->period->hands);
        $left = array_fill(0, $stations, array_sum(array_map(static fn (array $op): int => $op[2] + $op[3], $this->ops)));
        $waiting = array_fill(0, $stations, []); // measured, not weighed yet
        $measured = array_fill(0, $stations, []); // by line: its measuring has ended
        $ends = array_fill(0, $stations, 0);
        $tasks = [];
        $running = []; // by end: tasks
        $now = 0;
        while (true) {
            // Who is furthest behind goes first; equal ones in turn.
            arsort($left);
            foreach ($left as $s => $_) {
                foreach ($waiting[$s] as $key => $line) {
                    if ($hands[$s] === 0) {
                        break;
                    }
                    [, $needs, , $seconds] = $this->ops[$line];
                    if ($this->take($needs, $free)) {
                        unset($waiting[$s][$key]);
                        $hands[$s]--;
                        $tasks[] = [$s, $line, true, $now, $now + $seconds];
                        $running[$now + $seconds][] = count($tasks) - 1;
                    }
                }
                foreach ($orders[$s] as $key => $line) {
                    if ($hands[$s] === 0) {
                        break;
                    }
                    [$needs, , $seconds, , $before] = $this->ops[$line];
                    foreach ($before as $dry) {
                        if (! isset($measured[$s][$dry])) {
                            continue 2;
                        }
                    }
                    if ($this->take($needs, $free)) {
                        unset($orders[$s][$key]);
                        $hands[$s]--;
                        $tasks[] = [$s, $line, false, $now, $now + $seconds];
                        $running[$now + $seconds][] = count($tasks) - 1;
                    }
                }
            }
            if ($running === []) {
                break;
            }
            $now = min(array_keys($running));
            foreach ($running[$now] as $task) {
                [$s, $line, $isWeighing, $start, $end] = $tasks[$task];
                $hands[$s]++;
                $left[$s] -= $end - $start;
                $ends[$s] = $now;
                foreach ($this->ops[$line][$isWeighing ? 1 : 0] as $resource) {
                    $free[$resource]++;
                }
                if (! $isWeighing) {
                    $measured[$s][$line] = true;
                    if ($this->ops[$line][3] > 0) {
                        $waiting[$s][] = $line;
                    }
                }
            }
            unset($running[$now]);
        }

        return ['end' => $this->endOf($ends), 'stations' => $ends, 'tasks' => $tasks];
    }

    /**
     * @param  list<int>  $needs
     * @param  array<int, int>  $free
     */
    private function take(array $needs, array &$free): bool
    {
        foreach ($needs as $resource) {
            if ($free[$resource] === 0) {
                return false;
            }
        }
        foreach ($needs as $resource) {
            $free[$resource]--;
        }

        return true;
    }

    /**
     * The end of the period: checks one after the other as stations are done, mixing, then everybody cleans up.
     *
     * @param  array<int, int>  $ends  s from the start of measuring, by station
     */
    private function endOf(array $ends): int
    {
        $last = 0;
        foreach ($this->checks($ends) as $start) {
            $last = max($last, $start + $this->period->fixedS(Fixed::Check) + $this->period->fixedS(Fixed::Mixing));
        }

        return $this->period->beforeS() + $last + $this->period->fixedS(Fixed::CleanUp);
    }

    /**
     * @param  array<int, int>  $ends
     * @return array<int, int> when each station is checked, s from the start of measuring
     */
    private function checks(array $ends): array
    {
        asort($ends);
        $teacher = 0;
        $checks = [];
        foreach ($ends as $station => $end) {
            $start = max($end, $teacher);
            $teacher = $start + $this->period->fixedS(Fixed::Check);
            $checks[$station] = $start;
        }

        return $checks;
    }

    /**
     * @param  array{end: int, stations: array<int, int>, tasks: list<array{int, int, bool, int, int}>}  $run
     * @return list<PlannedTask>
     */
    private function timeline(array $run): array
    {
        $timeline = [];
        $bell = 0;
        foreach (Fixed::cases() as $block) {
            if ($block->isBefore() && $this->period->fixedS($block) > 0) {
                $timeline[] = new PlannedTask(null, null, $block->value, $bell, $bell += $this->period->fixedS($block), []);
            }
        }
        foreach ($run['tasks'] as [$station, $line, $isWeighing, $start, $end]) {
            $of = $this->period->lines[$line];
            $timeline[] = new PlannedTask($station, $of->id, $isWeighing ? 'weigh' : 'measure', $bell + $start, $bell + $end, $isWeighing ? $of->weighNeeds : $of->needs);
        }
        foreach ($this->checks($run['stations']) as $station => $start) {
            $at = $bell + $start;
            foreach ([Fixed::Check, Fixed::Mixing] as $block) {
                if ($this->period->fixedS($block) > 0) {
                    $timeline[] = new PlannedTask($station, null, $block->value, $at, $at += $this->period->fixedS($block), []);
                }
            }
        }
        if ($this->period->fixedS(Fixed::CleanUp) > 0) {
            $timeline[] = new PlannedTask(null, null, Fixed::CleanUp->value, $run['end'] - $this->period->fixedS(Fixed::CleanUp), $run['end'], []);
        }
        usort($timeline, static fn (PlannedTask $a, PlannedTask $b): int => [$a->startS, $a->station, $a->endS] <=> [$b->startS, $b->station, $b->endS]);

        return $timeline;
    }
}
