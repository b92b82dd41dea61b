<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/** Where a rising function passes a value. */
final class Root
{
    private const MOST_STEPS = 200;

    /**
     * By false position with halved weights (Illinois), which never leaves the bracket.
     *
     * @param  callable(float): float  $rising
     * @param  float  $from  where it is below the value
     * @param  float  $upTo  doubled until it is above
     */
    public static function of(callable $rising, float $value, float $from = 0.0, float $upTo = 1.0): float
    {
        [$low, $atLow] = [$from, $rising($from) - $value];
        [$high, $atHigh] = [$upTo, $rising($upTo) - $value];
        while ($atHigh < 0 && is_finite($high)) {
            [$low, $atLow] = [$high, $atHigh];
            $high *= 2;
            $atHigh = $rising($high) - $value;
        }
        $side = 0;
        for ($i = 0; $i < self::MOST_STEPS && abs($high - $low) > 1e-14 * (1 + abs($high)); $i++) {
            $middle = $atHigh === $atLow ? ($low + $high) / 2 : ($low * $atHigh - $high * $atLow) / ($atHigh - $atLow);
            $at = $rising($middle) - $value;
            if (abs($at) < 1e-16) {
                return $middle;
            }
            if ($at < 0) {
                [$low, $atLow] = [$middle, $at];
                $atHigh = $side < 0 ? $atHigh / 2 : $atHigh;
                $side = -1;
            } else {
                [$high, $atHigh] = [$middle, $at];
                $atLow = $side > 0 ? $atLow / 2 : $atLow;
                $side = 1;
            }
        }

        return ($low + $high) / 2;
    }
}
