<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;

/** Several pours to a mark, and spoons for what is left: at most four and three. */
final class Pours
{
    private const MOST_POURS = 4;

    private const MOST_SPOONS = 3;

    /** Ways looked at where many are as good. */
    private const ENOUGH = 3;

    /**
     * The exact ways with the fewest fills, and one with fewer that is near enough; without an exact one the nearest.
     *
     * @param  list<BigRational>  $marked  mL below each line, no two the same
     * @param  list<BigRational>  $spoons  mL of each spoon, no two the same
     * @param  float  $share  of the goal, 0 to 1: how near is near enough
     * @return array{bool, list<array{array<int, int>, array<int, int>}>} whether exact ones exist; by position: times poured, times spooned
     */
    public static function ways(array $marked, array $spoons, BigRational $goal, float $share): array
    {
        $all = [...$marked, ...$spoons];
        $pours = FillSearch::over($marked, $goal, self::MOST_POURS, $all);
        if ($pours === null) {
            $goal = Combinations::withinReach($goal);
            $pours = FillSearch::over($marked, $goal, self::MOST_POURS, $all);
        }
        if ($pours === null) {
            return [false, []];
        }
        $rest = FillSearch::over($spoons, $goal, self::MOST_SPOONS, $all, isAll: true);
        $spooned = $rest?->sums() ?? [0 => 0];
        ksort($spooned);
        $byCount = [];
        foreach ($spooned as $small => $count) {
            $byCount[$count][] = $small;
        }
        $spoonfuls = array_keys($spooned);
        $exact = [];
        /** @var array{int, int, int, int, int}|null $plain near enough with the fewest: fills, off by, in all, poured, spooned */
        $plain = null;
        /** @var array{int, int, int, int, int}|null $nearest off by, fills, in all, poured, spooned */
        $nearest = null;
        foreach ($pours->sums() as $poured => $count) {
            if ($count === 0) {
                continue;
            }
            $left = $pours->goal - $poured;
            // Fewer spoons may be near enough where more are nearer; beyond reach of all spoons only the most or none matter.
            $isInReach = $left > 0 && $left <= $spoonfuls[count($spoonfuls) - 1] + $share * $pours->goal;
            $tried = $isInReach ? array_values($byCount) : [$left > 0 ? [$spoonfuls[count($spoonfuls) - 1], 0] : [0]];
            foreach ($tried as $sums) {
                foreach (count($tried) > 1 ? self::around($sums, $left) : $sums as $small) {
                    [$off, $fills, $sum] = [abs($left - $small), $count + $spooned[$small], $poured + $small];
                    if ($off === 0) {
                        $exact[] = [$fills, $poured, $small];
                    } elseif ($off <= $share * $pours->goal) {
                        $own = [$fills, $off, $sum, $poured, $small];
                        $plain = $plain === null ? $own : min($plain, $own);
                    }
                    $own = [$off, $fills, $sum, $poured, $small];
                    $nearest = $nearest === null ? $own : min($nearest, $own);
                }
            }
        }
        sort($exact);
        $fewest = $exact[0][0] ?? null;
        $chosen = array_slice(
            array_values(array_filter($exact, static fn (array $way): bool => $way[0] <= $fewest)), 0, 2 * self::ENOUGH,
        );
        if ($plain !== null && ($fewest === null || $plain[0] < $fewest)) {
            $chosen[] = [$plain[0], $plain[3], $plain[4]];
        } elseif ($fewest === null && $nearest !== null) {
            $chosen[] = [$nearest[1], $nearest[3], $nearest[4]];
        }
        $ways = [];
        foreach ($chosen as [, $poured, $small]) {
            $spoonful = $small === 0 ? [] : ($rest?->ways($small, $spooned[$small])[0] ?? []);
            foreach (array_slice($pours->ways($poured, (int) $pours->fewest($poured)), 0, self::ENOUGH) as $way) {
                $ways[] = [$way, $spoonful];
            }
        }

        return [$fewest !== null, $ways];
    }

    /**
     * The two of these that stand around a number, or the one that is it.
     *
     * @param  non-empty-list<int>  $sorted
     * @return list<int>
     */
    private static function around(array $sorted, int $number): array
    {
        [$low, $high] = [0, count($sorted)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($sorted[$middle] < $number) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        if (($sorted[$low] ?? null) === $number) {
            return [$number];
        }

        return array_values(array_filter([$sorted[$low - 1] ?? null, $sorted[$low] ?? null], is_int(...)));
    }
}
