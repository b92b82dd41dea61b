<?php

declare(strict_types=1);

namespace Hovik\Core\Period;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Plans a period. Stations take their lines in an order of their own; whenever something ends, whoever is furthest behind starts
 * what can be started: what waits for a scale first, then the next line whose tools are free. The orders begin rotated, so that
 * nobody queues, and are bettered by exchanging lines of the station that ends last (a stochastic local search over list
 * schedules: R. Graham, Bounds on multiprocessing timing anomalies, 1969, for the lists). The seed is fixed: the same lab gives the
 * same plan.
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

    private readonly KitchenRun $kitchen;

    private function __construct(private readonly Period $period)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar(11));
        $this->kitchen = new KitchenRun($period);
    }

    public static function plan(Period $period): PeriodPlan
    {
        $search = new self($period);
        [$orders, $run] = $search->best(
            $search->firstOrders(), min(self::TRIES, intdiv(self::TASKS_TRIED, 1 + $period->stations * count($period->lines))),
        );
        $saves = [];
        foreach ($period->resources as $id => $count) {
            $isScarce = $period->loadS($id) / $count >= self::SCARCE_FROM * $run['end'];
            $saves[$id] = $isScarce ? $search->oneMoreSavesS($id, $orders, $run['end']) : 0;
        }
        if ($period->stations > 1 && $period->lines !== [] && $period->fixedS(Fixed::Check) > 0) {
            $saves[Period::TEACHER] = $search->oneMoreSavesS(Period::TEACHER, $orders, $run['end']);
        }

        return new PeriodPlan(
            $period, Timeline::of($period, $run, $search->kitchen->checks($run['stations'])), $run['end'], $period->lowerBoundS(),
            $search->bottleneck($saves), $saves,
        );
    }

    /**
     * s that the period would end earlier, with one more of it.
     *
     * @param  list<list<int>>  $orders
     */
    private function oneMoreSavesS(string $resource, array $orders, int $endS): int
    {
        [, $more] = (new self($this->period->withOneMore($resource)))->best([$orders], self::TRIES_ONE_MORE);

        return max(0, $endS - $more['end']);
    }

    /**
     * The true queue: what one more of would save the most; where nothing would, what is loaded most.
     *
     * @param  array<string, int>  $saves
     */
    private function bottleneck(array $saves): ?string
    {
        if ($this->period->lines === []) {
            return null;
        }
        arsort($saves);
        $most = array_key_first($saves);
        if ($most !== null && $saves[$most] > 0) {
            return $most;
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
        $lines = array_keys($this->kitchen->ops);
        $dryFirst = $lines;
        usort($dryFirst, fn (int $a, int $b): int => [$this->period->lines[$a]->isWet(), $a] <=> [$this->period->lines[$b]->isWet(), $b]);
        $longFirst = $lines;
        $takesS = fn (int $line): int => $this->kitchen->ops[$line][2] + $this->kitchen->ops[$line][3];
        usort($longFirst, static fn (int $a, int $b): int => $takesS($b) <=> $takesS($a));
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
     * @return array{list<list<int>>, array{end: int, stations: array<int, int>, tasks: list<array{int, int, bool, int, int}>}} orders
     *   and their run
     */
    private function best(array $starts, int $tries): array
    {
        $first = array_fill(0, $this->period->stations, 0);
        $orders = $starts[0];
        $run = $this->kitchen->work($orders, $first);
        foreach (array_slice($starts, 1) as $other) {
            $ran = $this->kitchen->work($other, $first);
            if ($this->isBetter($ran, $run)) {
                [$orders, $run] = [$other, $ran];
            }
        }
        $bound = $this->period->lowerBoundS();
        for ($try = 0; $try < $tries && $run['end'] > $bound && count($this->kitchen->ops) > 0; $try++) {
            [$changed, $before] = $this->changed($orders, $first, $run['stations'], $try);
            $ran = $this->kitchen->work($changed, $before);
            if (! $this->isBetter($run, $ran)) {
                [$orders, $first, $run] = [$changed, $before, $ran];
            }
        }

        return [$orders, $run];
    }

    /**
     * Lines exchanged, mostly at the station that ends last; now and then another station goes first instead.
     *
     * @param  list<list<int>>  $orders
     * @param  list<int>  $first
     * @param  array<int, int>  $ends
     * @return array{list<list<int>>, list<int>}
     */
    private function changed(array $orders, array $first, array $ends, int $try): array
    {
        $any = $this->random->getInt(0, $this->period->stations - 1);
        if ($try % 4 === 3) {
            $first[$any] = $this->random->getInt(0, 2 * $this->period->pathS());

            return [$orders, array_values($first)];
        }
        $station = $try % 3 === 2 ? $any : $this->last($ends);
        $orders[$station] = $this->exchanged($orders[$station]);
        if ($try % 2 === 1) {
            $orders[$any] = $this->exchanged($orders[$any]);
        }

        return [$orders, $first];
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
}
