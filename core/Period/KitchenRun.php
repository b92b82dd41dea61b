<?php

declare(strict_types=1);

namespace Hovik\Core\Period;

/**
 * Stations at work through their lines: whenever something ends, whoever is furthest behind starts what can be started, what waits for a
 * scale first, then the next line whose tools are free.
 */
final class KitchenRun
{
    /**
     * @var list<array{list<int>, list<int>, int, int, list<int>}> needs, weigh needs, s to measure, s to weigh, lines that must come first
     */
    public readonly array $ops;

    /** @var list<int> how many of each resource */
    private readonly array $counts;

    public function __construct(private readonly Period $period)
    {
        $ops = [];
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
            $ops[] = [
                array_map(static fn (string $id): int => $index[$id], $line->needs),
                array_map(static fn (string $id): int => $index[$id], $line->weighNeeds), $line->measureS, $line->weighS, $before,
            ];
        }
        $this->ops = $ops;
    }

    /**
     * Lets the stations work through their orders.
     *
     * @param  list<list<int>>  $orders
     * @param  list<int>  $first  s by which each station counts as further behind than it is: so some are done, and checked, before others
     * @return array{end: int, stations: array<int, int>, tasks: list<array{int, int, bool, int, int}>} tasks: station, line, whether
     *   it is weighing, start and end in s
     */
    public function work(array $orders, array $first = []): array
    {
        $stations = $this->period->stations;
        $free = $this->counts;
        $hands = array_fill(0, $stations, $this->period->hands);
        $left = array_fill(0, $stations, array_sum(array_map(static fn (array $op): int => $op[2] + $op[3], $this->ops)));
        $behind = array_map(static fn (int $seconds, int $more): int => $seconds + $more, $left, $first + array_fill(0, $stations, 0));
        $waiting = array_fill(0, $stations, []); // measured, not weighed yet
        $measured = array_fill(0, $stations, []); // by line: its measuring has ended
        $ends = array_fill(0, $stations, 0);
        $tasks = [];
        $running = []; // by end: tasks
        $now = 0;
        while (true) {
            // Who is furthest behind goes first; equal ones in turn.
            arsort($behind);
            foreach ($behind as $s => $_) {
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
                $behind[$s] -= $end - $start;
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
     * @param  array<int, int>  $ends
     * @return array<int, int> when each station is checked, s from the start of measuring
     */
    public function checks(array $ends): array
    {
        asort($ends);
        $free = array_fill(0, $this->period->teachers, 0);
        $checks = [];
        foreach ($ends as $station => $end) {
            sort($free);
            $checks[$station] = max($end, $free[0]);
            $free[0] = $checks[$station] + $this->period->fixedS(Fixed::Check);
        }

        return $checks;
    }

    /**
     * @param  list<int>  $needs
     * @param  array<int, int>  $free
     */
    private function take(array $needs, array &$free): bool
    {
        foreach ($needs as $taken => $resource) {
            if ($free[$resource] === 0) {
                foreach (array_slice($needs, 0, $taken) as $back) {
                    $free[$back]++;
                }

                return false;
            }
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
        $after = array_sum(array_map($this->period->fixedS(...), Fixed::AFTER));
        foreach ($this->checks($ends) as $start) {
            $last = max($last, $start + $after);
        }

        return $this->period->beforeS() + $last + $this->period->fixedS(Fixed::CleanUp);
    }
}
