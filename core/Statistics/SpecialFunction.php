<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/** What the distributions are made of. Each is right to about 14 digits; formulas as in handbooks of mathematical functions. */
final class SpecialFunction
{
    /** Coefficients of the Lanczos approximation for g = 7. */
    private const LANCZOS = [
        0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905,
        -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
    ];

    private const MOST_TERMS = 500;

    private const TINY = 1e-300;

    /** Beyond this many standard deviations the tail is taken by its continued fraction. */
    private const FAR = 3.0;

    /** ln of the gamma function of x > 0. */
    public static function lnGamma(float $x): float
    {
        if ($x < 0.5) {
            return log(M_PI / sin(M_PI * $x)) - self::lnGamma(1 - $x);
        }
        $x--;
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 9; $i++) {
            $sum += self::LANCZOS[$i] / ($x + $i);
        }
        $t = $x + 7.5;

        return 0.5 * log(2 * M_PI) + ($x + 0.5) * log($t) - $t + log($sum);
    }

    /** The regularized incomplete beta function: the share of a beta distribution of (a, b) that lies below x, 0 to 1. */
    public static function beta(float $x, float $a, float $b): float
    {
        if ($x <= 0 || $x >= 1) {
            return $x <= 0 ? 0.0 : 1.0;
        }
        $front = exp(self::lnGamma($a + $b) - self::lnGamma($a) - self::lnGamma($b) + $a * log($x) + $b * log1p(-$x));

        return $x < ($a + 1) / ($a + $b + 2)
            ? $front * self::betaFraction($x, $a, $b) / $a
            : 1 - $front * self::betaFraction(1 - $x, $b, $a) / $b;
    }

    /** The share of a normal distribution that lies below z standard deviations. */
    public static function normal(float $z): float
    {
        if ($z > self::FAR) {
            return 1 - self::normal(-$z);
        }
        if ($z >= -self::FAR) {
            // Φ(z) = 1/2 + φ(z) (z + z³/3 + z⁵/(3·5) + ...)
            $sum = $term = $z;
            for ($i = 3; abs($term) > 1e-17 * abs($sum) && $i < self::MOST_TERMS; $i += 2) {
                $term *= $z * $z / $i;
                $sum += $term;
            }

            return 0.5 + self::normalDensity($z) * $sum;
        }
        $fraction = 0.0;
        for ($i = 120; $i > 0; $i--) {
            $fraction = $i / (-$z + $fraction);
        }

        return self::normalDensity($z) / (-$z + $fraction);
    }

    public static function normalDensity(float $z): float
    {
        return exp(-0.5 * $z * $z) / sqrt(2 * M_PI);
    }

    /** The continued fraction of the incomplete beta function, from the front by the method of Lentz. */
    private static function betaFraction(float $x, float $a, float $b): float
    {
        $apart = static fn (float $value): float => abs($value) < self::TINY ? self::TINY : $value;
        $c = 1.0;
        $d = 1 / $apart(1 - ($a + $b) * $x / ($a + 1));
        $result = $d;
        for ($m = 1; $m < self::MOST_TERMS; $m++) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $d = 1 / $apart(1 + $even * $d);
            $c = $apart(1 + $even / $c);
            $result *= $d * $c;
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1));
            $d = 1 / $apart(1 + $odd * $d);
            $c = $apart(1 + $odd / $c);
            $result *= $d * $c;
            if (abs($d * $c - 1) < 1e-16) {
                break;
            }
        }

        return $result;
    }
}
