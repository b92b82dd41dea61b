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
        if ($n < self::LEAST) {
            return new self(Habit::NotYet, $n, 100 * expm1($middle), 100 * $spread, [], 1.0);
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
     * @param  list<TermWeighing>  $weighings
     * @return array<string, float> by habit
     */
    private static function likelihoods(array $weighings): array
    {
        $cases = ['steady' => [], 'same-slip' => [], 'scattered' => [], 'two-camps' => []];
        foreach (self::HANDS as $hands) {
            $sds = array_map(
                static fn (TermWeighing $one): float => $hands * max(self::LEAST_SPREAD, $one->careful / $one->tolerance), $weighings,
            );
            $near = $far = [];
            for ($at = -self::FARTHEST; $at <= self::FARTHEST + 1e-9; $at += self::STEP) {
                $of = self::densities($weighings, $at, $sds);
                $isNear = abs($at) < self::SLIP;
                $weight = $isNear ? exp(-(($at / self::NEAR) ** 2) / 2) : exp(-abs($at) / self::FAR);
                $cases[$isNear ? 'steady' : 'same-slip'][] = [$weight, (float) array_product($of)];
                $isNear ? $near[] = [$at, $weight, $of] : $far[] = [$at, $weight, $of];
            }
            foreach ($near as [$home, $weight, $steady]) {
                foreach ($far as [$at, $slips, $slip]) {
                    if (abs($at - $home) < self::APART || abs($home) > self::STEP) {
                        continue; // homes a tolerance wide are enough
                    }
                    foreach (self::SHARES as $share) {
                        $all = 1.0;
                        foreach ($slip as $i => $density) {
                            $all *= $share * $density + (1 - $share) * $steady[$i];
                        }
                        $cases['two-camps'][] = [$weight * $slips, $all];
                    }
                }
            }
        }
        foreach (self::SPREADS as $wide) {
            $sds = array_map(
                static fn (TermWeighing $one): float => max($wide, self::OVER_CAREFUL * $one->careful / $one->tolerance), $weighings,
            );
            foreach ([-1.0, -0.5, 0.0, 0.5, 1.0] as $at) {
                $cases['scattered'][] = [1.0, (float) array_product(self::densities($weighings, $at, $sds))];
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
     * Of each weighing, in tolerances: normal about a middle, but for the one-offs.
     *
     * @param  list<TermWeighing>  $weighings
     * @param  list<float>  $sds
     * @return list<float>
     */
    private static function densities(array $weighings, float $middle, array $sds): array
    {
        $densities = [];
        foreach ($weighings as $i => $one) {
            $z = ($one->inTolerances() - $middle) / $sds[$i];
            $densities[] = (1 - self::ONE_OFFS) * exp(-$z * $z / 2) / ($sds[$i] * sqrt(2 * M_PI)) + self::ONE_OFFS / (2 * self::ONE_OFF);
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
