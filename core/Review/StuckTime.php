<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\Lab\StationState;

/** How long a station heard nothing of itself while it had something left to measure. */
final class StuckTime
{
    /**
     * @param  list<float>  $signs  of life, s from any fixed moment, in order; the first: when the lab opened or the station began
     * @return int minutes beyond the five that anybody may take, in whole ones
     */
    public static function minutes(array $signs): int
    {
        $stuck = 0.0;
        for ($i = 1; $i < count($signs); $i++) {
            $stuck += max(0.0, $signs[$i] - $signs[$i - 1] - StationState::QUIET_S);
        }

        return intdiv((int) $stuck, 60);
    }

    /** Whole minutes from one moment to another; none before the first. */
    public static function minute(float $from, float $at): int
    {
        return intdiv((int) max(0.0, $at - $from), 60);
    }
}
