<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

/**
 * How a student's weighings of one family read: which of four explanations makes them likeliest. Steady: about a middle within tolerance,
 * as close together as careful tries. Same slip: as close together, about a middle a tolerance or more away. Two camps: some steady, the
 * others close together far from them. Scattered: spread far more than careful tries, about the target. Each explanation's likelihood is
 * averaged over where its middle and spread may lie (its marginal likelihood, on a grid), and every weighing has a small chance to be a
 * one-off. Fewer than four weighings say nothing.
 */
final readonly class ReadsAs
{
    public const LEAST = 4;

    /** The latest of them: how somebody measures now. */
    private const LATEST = 24;

    /** Middles that are looked at: so many tolerances away, either way. */
    private const FARTHEST = 4.5;

    private const STEP = 0.25;

    /** Beyond so many tolerances a middle is a slip: under one, since known effects leave some doubt. */
    private const SLIP = 0.9;

    /** How far the steady's middles lie from the target, standard deviation in tolerances: bag and tool as far as they are not known. */
    private const NEAR = 0.4;

    /** Careful tries are hardly ever closer together, in tolerances: display steps, cups that differ a little. */
    private const LEAST_SPREAD = 0.18;

    /** Slips of two tolerances are seen more often than of four: how fast that falls. */
    private const FAR = 2.0;

    /** Times the spread of careful tries: hands differ. */
    private const HANDS = [1.0, 1.5];

    /** A weighing farther off has another story, for all that is told here. */
    private const ONE_OFF = 6.0;

    /** Share of weighings that are one-offs: spread evenly to both sides. */
    private const ONE_OFFS = 0.04;

    /** (1 - ONE_OFFS) / sqrt(2 pi) */
    private const NORMAL = 0.38298458918538;

    /** Middles so far from all weighings, in tolerances, explain none of them. */
    private const BEYOND = 0.75;

    /** So near, in tolerances, there is nothing to explain; and so many of eight have to be. */
    private const PLAIN = 0.6;

    private const OF_EIGHT = 7;

    /** Spread of scattered work, in tolerances; and over careful tries at least. */
    private const SPREADS = [0.9, 1.2, 1.6, 2.2];

    private const OVER_CAREFUL = 2.0;

    /** Two camps are at least so many tolerances apart. */
    private const APART = 1.0;

    private const SHARES = [0.35, 0.5, 0.65];

    private const PRIOR = ['steady' => 1.0, 'same-slip' => 1.2, 'scattered' => 0.6, 'two-camps' => 0.35];

    /**
     * @param  int  $n  weighings it rests on
     * @param  float  $pct  of the target: the middle of them; of two camps, of the far one
     * @param  float  $spreadPct  their standard deviation, % of the target
     * @param  list<int>  $camps  of two camps: how many are near the target, and how many far
     * @param  float  $sure  probability of what it says among the four, 0 to 1
     */
    private function __construct(
        public Habit $habit, public int $n, public float $pct, public float $spreadPct, public array $camps, public float $sure,
    ) {
    }

    /** @param  list<TermWeighing>  $weighings  oldest first */
    public static function of(array $weighings): self
    {
        $weighings = array_slice($weighings, -self::LATEST);
        $n = count($weighings);
        $shares = array_map(static fn (TermWeighing $one): float => $one->share, $weighings);
        $middle = $n === 0 ? 0.0 : array_sum($shares) / $n;
        $spread = $n < 2 ? 0.0 : sqrt(array_sum(array_map(static fn (float $one): float => ($one - $middle) ** 2, $shares)) / ($n - 1));
        if ($weighings === [] || $n < self::LEAST) {
            return new self(Habit::NotYet, $n, 100 * expm1($middle), 100 * $spread, [], 1.0);
        }
        if (self::isPlain($weighings)) {
            return new self(Habit::Steady, $n, 100 * expm1(self::median($shares)), 100 * $spread, [], 1.0);
        }
        $likely = self::likelihoods($weighings);
        arsort($likely);
        $habit = Habit::from((string) array_key_first($likely));
        $sure = $likely[$habit->value] / array_sum($likely);
        if ($habit === Habit::TwoCamps) {
            [$near, $far] = self::camps($weighings);

            return new self(
                $habit, $n, 100 * expm1(array_sum($far) / max(count($far), 1)), 100 * $spread, [count($near), count($far)], $sure,
            );
        }

        // One that is far off by itself says little of the middle.
        return new self($habit, $n, 100 * expm1(self::median($shares)), 100 * $spread, [], $sure);
    }

    /** A percentage as a table has it: one decimal. */
    public static function shown(float $pct): float
    {
        return round($pct, 1);
    }

    /**
     * @param  non-empty-list<TermWeighing>  $weighings
     * @return array<string, float> by habit
     */
    private static function likelihoods(array $weighings): array
    {
        $cases = ['steady' => [], 'same-slip' => [], 'scattered' => [], 'two-camps' => []];
        $at = array_map(static fn (TermWeighing $one): float => $one->inTolerances(), $weighings);
        $careful = array_map(static fn (TermWeighing $one): float => $one->careful / $one->tolerance, $weighings);
        [$low, $high] = [min($at) - self::BEYOND, max($at) + self::BEYOND];
        foreach (self::HANDS as $hands) {
            $sds = array_map(static fn (float $one): float => $hands * max(self::LEAST_SPREAD, $one), $careful);
            $near = $far = [];
            for ($middle = -self::FARTHEST; $middle <= self::FARTHEST + 1e-9; $middle += self::STEP) {
                $isNear = abs($middle) < self::SLIP;
                $weight = $isNear ? exp(-(($middle / self::NEAR) ** 2) / 2) : exp(-abs($middle) / self::FAR);
                // Where no weighing is near, nothing is likely; it counts as a place where it might have been.
                $of = $isNear || ($middle > $low && $middle < $high) ? self::densities($at, $middle, $sds) : null;
                $cases[$isNear ? 'steady' : 'same-slip'][] = [$weight, $of === null ? 0.0 : (float) array_product($of)];
                if ($of !== null && $isNear && abs($middle) <= self::STEP) {
                    $near[] = [$middle, $weight, $of]; // homes a tolerance wide are enough
                } elseif (! $isNear) {
                    $far[] = [$middle, $weight, $of];
                }
            }
            foreach ($near as [$home, $weight, $steady]) {
                foreach ($far as [$middle, $slips, $slip]) {
                    if (abs($middle - $home) >= self::APART) {
                        $cases['two-camps'][] = [$weight * $slips, $slip === null ? 0.0 : self::both($steady, $slip)];
                    }
                }
            }
        }
        foreach (self::SPREADS as $wide) {
            $sds = array_map(static fn (float $one): float => max($wide, self::OVER_CAREFUL * $one), $careful);
            foreach ([-1.0, -0.5, 0.0, 0.5, 1.0] as $middle) {
                $cases['scattered'][] = [1.0, (float) array_product(self::densities($at, $middle, $sds))];
            }
        }
        $likely = [];
        foreach ($cases as $habit => $of) {
            $likely[$habit] = self::PRIOR[$habit]
                * array_sum(array_map(static fn (array $case): float => $case[0] * $case[1], $of)) / array_sum(array_column($of, 0));
        }

        return $likely;
    }

    /**
     * Each weighing of one camp or the other, whatever share either has.
     *
     * @param  list<float>  $steady  densities
     * @param  list<float>  $slip
     */
    private static function both(array $steady, array $slip): float
    {
        $sum = 0.0;
        foreach (self::SHARES as $share) {
            $all = 1.0;
            foreach ($slip as $i => $density) {
                $all *= $share * $density + (1 - $share) * $steady[$i];
            }
            $sum += $all;
        }

        return $sum / count(self::SHARES);
    }

    /**
     * Of each weighing, in tolerances: normal about a middle, but for the one-offs.
     *
     * @param  list<float>  $at  where the weighings are
     * @param  list<float>  $sds
     * @return list<float>
     */
    private static function densities(array $at, float $middle, array $sds): array
    {
        $densities = [];
        foreach ($at as $i => $one) {
            $z = ($one - $middle) / $sds[$i];
            $densities[] = self::NORMAL * exp(-$z * $z / 2) / $sds[$i] + self::ONE_OFFS / (2 * self::ONE_OFF);
        }

        return $densities;
    }

    /**
     * The two sides of the widest gap between neighbours, the one nearer to the target first.
     *
     * @param  list<TermWeighing>  $weighings
     * @return array{list<float>, list<float>} shares
     */
    private static function camps(array $weighings): array
    {
        $sorted = array_map(static fn (TermWeighing $one): float => $one->share, $weighings);
        sort($sorted);
        [$best, $least] = [1, INF];
        for ($i = 1; $i < count($sorted); $i++) {
            $within = self::squares(array_slice($sorted, 0, $i)) + self::squares(array_slice($sorted, $i));
            if ($within < $least) {
                [$best, $least] = [$i, $within];
            }
        }
        $sides = [array_slice($sorted, 0, $best), array_slice($sorted, $best)];
        usort($sides, static fn (array $a, array $b): int => abs(array_sum($a) / count($a)) <=> abs(array_sum($b) / count($b)));

        return [$sides[0], $sides[1]];
    }

    /**
     * All within tolerance, and nearly all well within: steady, however far apart.
     *
     * @param  list<TermWeighing>  $weighings
     */
    private static function isPlain(array $weighings): bool
    {
        $near = 0;
        foreach ($weighings as $one) {
            $off = abs($one->inTolerances());
            if ($off > 1.0) {
                return false;
            }
            $near += (int) ($off <= self::PLAIN);
        }

        return 8 * $near >= self::OF_EIGHT * count($weighings);
    }

    /** @param  list<float>  $of */
    private static function squares(array $of): float
    {
        $mean = array_sum($of) / count($of);

        return array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $of));
    }

    /** @param  list<float>  $of */
    private static function median(array $of): float
    {
        sort($of);
        $half = intdiv(count($of), 2);

        return count($of) % 2 === 1 ? $of[$half] : ($of[$half - 1] + $of[$half]) / 2;
    }
}
