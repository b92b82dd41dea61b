<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/**
 * The distribution of the largest difference among several means, over their standard error: what an honest comparison of all pairs asks.
 * P(Q < q) is the integral over s of its density f(s), s² being chi-squared over its degrees of freedom, times the range of `groups`
 * normal values, W(q s) = groups ∫ φ(z) (Φ(z) - Φ(z - q s))^(groups - 1) dz; both by Gauss-Legendre.
 */
final class StudentizedRange
{
    /** Beyond so many standard deviations a normal value is nowhere. */
    private const REACH = 8.5;

    /** Steps of the table of Φ in one standard deviation; between them by a cubic, right to 1e-11. */
    private const STEPS = 128;

    /** @var list<float>|null Φ from -REACH to REACH */
    private static ?array $normal = null;

    /**
     * @param  int  $groups  2 to 50
     * @param  float  $df  degrees of freedom of the standard error, 1 or more
     */
    public function __construct(public readonly int $groups, public readonly float $df)
    {
    }

    /** How likely a range so large, or larger, where all means are the same. */
    public function beyond(float $q): float
    {
        return max(0.0, 1 - $this->below($q));
    }

    public function below(float $q): float
    {
        if ($q <= 0) {
            return 0.0;
        }
        $wide = 10 / sqrt(2 * $this->df);
        [$at, $by] = GaussLegendre::between(max(0.0, 1 - $wide), 1 + $wide, 6);
        $half = $this->df / 2;
        $front = M_LN2 + $half * log($half) - SpecialFunction::lnGamma($half);
        $sum = 0.0;
        foreach ($at as $i => $s) {
            $density = exp($front + ($this->df - 1) * log($s) - $half * $s * $s);
            if ($density > 1e-16) {
                $sum += $by[$i] * $density * $this->range($q * $s);
            }
        }

        return min(1.0, $sum);
    }

    /** q below which so much of it lies: 3.578 for 0.95, three groups and 20 degrees of freedom. */
    public function quantile(float $share): float
    {
        return Root::of($this->below(...), $share);
    }

    /** The share of samples of `groups` normal values whose range is below w. */
    private function range(float $w): float
    {
        [$at, $by] = GaussLegendre::between(-self::REACH, self::REACH, 6);
        $sum = 0.0;
        foreach ($at as $i => $z) {
            $sum += $by[$i] * SpecialFunction::normalDensity($z) * (self::normal($z) - self::normal($z - $w)) ** ($this->groups - 1);
        }

        return min(1.0, $this->groups * $sum);
    }

    /** Φ from a table, by the cubic that has its values and slopes. */
    private static function normal(float $z): float
    {
        if (abs($z) >= self::REACH) {
            return $z < 0 ? 0.0 : 1.0;
        }
        $table = self::$normal ??= array_map(
            static fn (int $i): float => SpecialFunction::normal($i / self::STEPS - self::REACH),
            range(0, (int) (2 * self::REACH * self::STEPS) + 1),
        );
        $place = ($z + self::REACH) * self::STEPS;
        $i = (int) $place;
        $x = $place - $i;
        $left = $i / self::STEPS - self::REACH;
        [$a, $b] = [$table[$i], $table[$i + 1]];
        $slopeA = SpecialFunction::normalDensity($left) / self::STEPS;
        $slopeB = SpecialFunction::normalDensity($left + 1 / self::STEPS) / self::STEPS;

        return $a + $x * ($slopeA + $x * (3 * ($b - $a) - 2 * $slopeA - $slopeB + $x * (2 * ($a - $b) + $slopeA + $slopeB)));
    }
}
