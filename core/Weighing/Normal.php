<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

/** The normal distribution, as far as it is needed here. */
final class Normal
{
    /** phi(z) */
    public static function density(float $z): float
    {
        return exp(-$z * $z / 2) / sqrt(2 * M_PI);
    }

    /** Phi(z), by Abramowitz and Stegun 7.1.26: absolute error under 1.5e-7. */
    public static function below(float $z): float
    {
        $x = abs($z) / M_SQRT2;
        $t = 1 / (1 + 0.3275911 * $x);
        $erf = 1 - ((((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592) * $t * exp(-$x * $x);

        return $z < 0 ? (1 - $erf) / 2 : (1 + $erf) / 2;
    }

    /**
     * Mean and standard deviation of a normal whose values are pushed back to an edge where they pass it (rectified, not cut
     * off): integrals of x phi and x^2 phi between the edges, and the edges' own shares.
     *
     * @return array{float, float}
     */
    public static function within(float $mean, float $sd, float $low, float $high): array
    {
        if ($sd <= 0 || ($mean - $low > 6 * $sd && $high - $mean > 6 * $sd)) {
            return [min(max($mean, $low), $high), max($sd, 0.0)];
        }
        [$under, $atLow, $turnLow] = self::edge($low, $mean, $sd);
        [$notOver, $atHigh, $turnHigh] = self::edge($high, $mean, $sd);
        $between = $notOver - $under;
        $over = 1 - $notOver;
        // An edge that is never reached may be infinite; it then has no share.
        $first = ($under > 0 ? $low * $under : 0.0) + ($over > 0 ? $high * $over : 0.0) + $mean * $between + $sd * ($atLow - $atHigh);
        $second = ($under > 0 ? $low ** 2 * $under : 0.0) + ($over > 0 ? $high ** 2 * $over : 0.0)
            + ($mean ** 2 + $sd ** 2) * $between + 2 * $mean * $sd * ($atLow - $atHigh) + $sd ** 2 * ($turnLow - $turnHigh);

        return [$first, sqrt(max($second - $first ** 2, 0.0))];
    }

    /** @return array{float, float, float} at z of this edge: Phi(z), phi(z), z phi(z) */
    private static function edge(float $edge, float $mean, float $sd): array
    {
        if (is_infinite($edge)) {
            return [$edge > 0 ? 1.0 : 0.0, 0.0, 0.0];
        }
        $z = ($edge - $mean) / $sd;

        return [self::below($z), self::density($z), $z * self::density($z)];
    }
}
