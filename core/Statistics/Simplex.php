<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/** Where a function of a few numbers is least, by the simplex of Nelder and Mead. */
final class Simplex
{
    private const MOST_STEPS = 600;

    /** It is found when the corners lie so near to each other, in value and in place. */
    private const FLAT = 1e-10;

    private const NEAR = 1e-6;

    /**
     * @param  callable(array<int, float>): float  $of
     * @param  non-empty-array<int, float>  $from
     * @param  float  $most  of each number; what falls below 0 or above this stays there
     * @return non-empty-array<int, float>
     */
    public static function least(callable $of, array $from, float $step, float $most): array
    {
        $m = count($from);
        $order = static fn (array $a, array $b): int => $a[0] <=> $b[0];
        $corners = [[$of($from), $from]];
        for ($k = 0; $k < $m; $k++) {
            $corner = $from;
            $corner[$k] += $step;
            $corners[] = [$of($corner), $corner];
        }
        for ($i = 0; $i < self::MOST_STEPS; $i++) {
            usort($corners, $order);
            [$best, $worst] = [$corners[0], $corners[$m]];
            if ($worst[0] - $best[0] < self::FLAT && self::apart($worst[1], $best[1]) < self::NEAR) {
                break;
            }
            $middle = self::middle(array_column(array_slice($corners, 0, $m), 1));
            $toward = static fn (float $by): array => array_map(
                static fn (float $center, float $bad): float => min($most, max(0.0, $center + $by * ($center - $bad))), $middle, $worst[1],
            );
            $over = $toward(1.0);
            $atOver = $of($over);
            if ($atOver < $best[0]) {
                $far = $toward(2.0);
                $atFar = $of($far);
                $corners[$m] = $atFar < $atOver ? [$atFar, $far] : [$atOver, $over];

                continue;
            }
            if ($atOver < $corners[$m - 1][0]) {
                $corners[$m] = [$atOver, $over];

                continue;
            }
            $near = $atOver < $worst[0] ? $toward(0.5) : $toward(-0.5);
            $atNear = $of($near);
            if ($atNear < min($atOver, $worst[0])) {
                $corners[$m] = [$atNear, $near];

                continue;
            }
            for ($k = 1; $k <= $m; $k++) {
                $corner = self::middle([$best[1], $corners[$k][1]]);
                $corners[$k] = [$of($corner), $corner];
            }
        }

        usort($corners, $order);

        return $corners[0][1];
    }

    /**
     * @param  non-empty-array<int, non-empty-array<int, float>>  $points
     * @return non-empty-array<int, float>
     */
    private static function middle(array $points): array
    {
        $middle = $points[0];
        foreach (array_keys($middle) as $k) {
            $middle[$k] = array_sum(array_column($points, $k)) / count($points);
        }

        return $middle;
    }

    /**
     * @param  non-empty-array<int, float>  $a
     * @param  non-empty-array<int, float>  $b
     */
    private static function apart(array $a, array $b): float
    {
        return max(array_map(static fn (float $one, float $other): float => abs($one - $other), $a, $b));
    }
}
