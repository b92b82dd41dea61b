<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

/**
 * How often careful work is Level, told before anybody weighs: share = Phi((T - U - b) / sigma) - Phi(-(T - U + b) / sigma), with b what
 * these tools give too much, and sigma their own spread and the scale's together (the craft's page, section 6).
 */
final class CarefulShare
{
    /** Under this share a line needs a remedy. */
    public const ENOUGH = 0.85;

    /**
     * @param  float  $meanG  what careful work weighs on average, g
     * @param  float  $uG  its standard uncertainty, g: fills, tools, package
     * @param  float  $scaleU  the scale's U at that weight, k = 2, g
     * @return float  0 to 1
     */
    public static function of(Target $target, float $meanG, float $uG, float $scaleU): float
    {
        $room = $target->toleranceG() - $scaleU;
        $sigma = hypot($uG, $scaleU / 2);
        $bias = $meanG - $target->grams;
        if ($room <= 0) {
            return 0.0; // Level cannot be said at all
        }
        if ($sigma <= 0) {
            return abs($bias) <= $room ? 1.0 : 0.0;
        }

        return max(0.0, Normal::below(($room - $bias) / $sigma) - Normal::below((-$room - $bias) / $sigma));
    }
}
