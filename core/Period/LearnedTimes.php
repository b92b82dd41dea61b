<?php

declare(strict_types=1);

namespace Hovik\Core\Period;

use Hovik\Core\Pantry\Family;

/** How long a class itself takes, from the time between a station's weigh-ins. */
final class LearnedTimes
{
    /** Fewer weigh-ins of a family say nothing yet. */
    private const ENOUGH = 5;

    /** Longer pauses are no measuring: a question, a spill, a talk. s */
    private const LONGEST_S = 600;

    /** Learned times stay within this factor of the usual ones, either way. */
    private const MOST = 2.0;

    /**
     * s to measure a food of the family. Stations work with several pairs of hands at once, so that what comes in one after the other took
     * that many times as long; the median, so that one long pause changes nothing.
     *
     * @param  list<float>  $gaps  s from the weigh-in before to one of this family, at the same station
     */
    public static function measureS(Family $family, array $gaps, int $hands): int
    {
        $usual = PeriodLine::usualMeasureS($family);
        $median = self::median($gaps);

        return $median === null
            ? $usual : (int) round(max($usual / self::MOST, min($usual * self::MOST, $hands * $median - PeriodLine::WEIGH_S)));
    }

    /**
     * s that a line takes a station, from fetching it to its weight; null where too few are known.
     *
     * @param  list<float>  $gaps  s from one weigh-in of a station to the next
     */
    public static function aLineS(array $gaps, int $hands): ?int
    {
        $median = self::median($gaps);

        return $median === null ? null : (int) round($hands * $median);
    }

    /** @param  list<float>  $gaps */
    private static function median(array $gaps): ?float
    {
        $gaps = array_values(array_filter($gaps, static fn (float $gap): bool => $gap > 0 && $gap <= self::LONGEST_S));
        if (count($gaps) < self::ENOUGH) {
            return null;
        }
        sort($gaps);
        $half = intdiv(count($gaps), 2);

        return count($gaps) % 2 === 1 ? $gaps[$half] : ($gaps[$half - 1] + $gaps[$half]) / 2;
    }
}
