<?php

declare(strict_types=1);

namespace Hovik\Tests\Bench\Diagnosis;

use Hovik\Core\Weighing\Chance;

/** Draws from the made-up kitchen's mixtures, and how likely exactly this number was. */
final class Outcome
{
    /** @param  array<string, float>  $rates */
    public static function pick(array $rates, Chance $chance): string
    {
        $at = $chance->even() * array_sum($rates);
        foreach ($rates as $label => $rate) {
            $at -= $rate;
            if ($at < 0) {
                return $label;
            }
        }

        return array_key_last($rates) ?? 'sound';
    }

    /** @param  list<array{float, float, float, string}>  $parts */
    public static function draw(array $parts, Setting $at, Chance $chance): float
    {
        $i = (int) self::pick(
            array_combine(array_map(static fn (int $k): string => "$k ", array_keys($parts)), array_column($parts, 0)), $chance,
        );
        [, $mean, $spread, $display] = $parts[$i];
        $grams = $mean * exp($spread * $chance->normal());
        if (str_starts_with($display, '+')) {
            $grams += (float) $display;
        }
        $step = self::step($display, $at);
        $shown = round(round($grams / $step) * $step, 4);
        $shown = match ($display) {
            'ten times' => $shown * 10,
            'a tenth' => $shown / 10,
            'swapped' => self::swaps($shown, $at) === []
                    ? $shown
                    : self::swaps($shown, $at)[(int) floor($chance->even() * count(self::swaps($shown, $at)))],
            default => $shown,
        };

        return round(max($shown, 0.0), 4);
    }

    /**
     * Probability of exactly this number, by the widths of the steps each display has. @param  list<array{float, float, float,
     * string}>  $parts
     */
    public static function likelihood(array $parts, float $grams, Setting $at): float
    {
        $sum = 0.0;
        foreach ($parts as [$often, $mean, $spread, $display]) {
            if ($display === 'swapped') {
                foreach (self::swaps($grams, $at) as $meant) {
                    $ways = self::swaps($meant, $at);
                    $sum += in_array(round($grams, 4), $ways, true) ? $often * self::mass(
                        $meant, $mean, $spread, $at->step,
                    ) / count($ways) : 0.0;
                }
                $sum += self::swaps($grams, $at) === [] ? $often * self::mass($grams, $mean, $spread, $at->step) : 0.0;

                continue;
            }
            $shown = match (true) {
                $display === 'ten times' => $grams / 10,
                $display === 'a tenth' => $grams * 10,
                default => $grams,
            };
            $step = self::step($display, $at);
            if (abs($shown / $step - round($shown / $step)) < 1e-4) { // a number this display can show
                $sum += $often * self::mass($shown - (str_starts_with($display, '+') ? (float) $display : 0.0), $mean, $spread, $step);
            }
        }

        return $sum;
    }

    /**
     * Of the 90 % ranges of two mixtures, the shared part of both.
     *
     * @param  list<array{float, float, float, string}>  $one
     * @param  list<array{float, float, float, string}>  $other
     */
    public static function overlap(array $one, array $other, Setting $at): float
    {
        if ($one === [] || $other === []) {
            return 0.0;
        }
        [$a, $b] = self::range($one);
        [$c, $d] = self::range($other);
        $shared = min($b, $d) - max($a, $c);

        return $shared <= 0 ? 0.0 : $shared / max(max($b, $d) - min($a, $c), $at->step);
    }

    /**
     * @param  list<array{float, float, float, string}>  $parts
     * @return array{float, float}
     */
    private static function range(array $parts): array
    {
        $points = [];
        foreach ($parts as [$often, $mean, $spread, $display]) {
            $times = match ($display) {
                'ten times' => 10.0,
                'a tenth' => 0.1,
                default => 1.0,
            };
            foreach ([-1.645, -1.036, -0.674, -0.385, -0.126, 0.126, 0.385, 0.674, 1.036, 1.645] as $z) {
                $points[] = [$times * $mean * exp($spread * $z) + (str_starts_with($display, '+') ? (float) $display : 0.0), $often / 10];
            }
        }
        usort($points, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $sum = 0.0;
        $low = $high = $points[0][0];
        foreach ($points as [$grams, $share]) {
            if ($sum < 0.05) {
                $low = $grams;
            }
            if ($sum < 0.95) {
                $high = $grams;
            }
            $sum += $share;
        }

        return [$low, $high];
    }

    private static function mass(float $shown, float $mean, float $spread, float $step): float
    {
        if ($shown + $step / 2 <= 0) {
            return 0.0;
        }
        $below = static fn (float $grams): float => $grams <= 0 ? 0.0 : self::phi(log($grams / $mean) / $spread);

        return max($below($shown + $step / 2) - $below($shown - $step / 2), 0.0);
    }

    private static function step(string $display, Setting $at): float
    {
        return match ($display) {
            'ounces' => 0.1,
            'pounds' => 0.01,
            default => $at->step,
        };
    }

    /** @return list<float> with two neighbouring digits swapped */
    private static function swaps(float $shown, Setting $at): array
    {
        $digits = number_format($shown, $at->step < 1 ? 1 : 0, '.', '');
        $swaps = [];
        for ($i = 0; $i + 1 < strlen($digits); $i++) {
            if ($digits[$i] !== $digits[$i + 1] && $digits[$i] !== '.' && $digits[$i + 1] !== '.') {
                $swaps[] = (float) substr_replace($digits, $digits[$i + 1].$digits[$i], $i, 2);
            }
        }

        return $swaps;
    }

    /** By its continued fraction in the tails and its series in the middle: good to 1e-12, and not the core's. */
    private static function phi(float $z): float
    {
        if (abs($z) > 5) {
            $x = abs($z);
            $tail = exp(-$x * $x / 2) / sqrt(2 * M_PI) / ($x + 1 / ($x + 2 / ($x + 3 / ($x + 4 / ($x + 5)))));

            return $z < 0 ? $tail : 1 - $tail;
        }
        $sum = $term = $z;
        for ($i = 1; $i < 60; $i++) {
            $term *= $z * $z / (2 * $i + 1);
            $sum += $term;
        }

        return 0.5 + $sum * exp(-$z * $z / 2) / sqrt(2 * M_PI);
    }
}
