<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

/** Tries of one thing by one student, first to last. */
final class Tries
{
    /**
     * The one that came nearest; of equals the earlier.
     *
     * @param  non-empty-list<TermWeighing>  $tries
     * @return int its place, from 0
     */
    public static function best(array $tries): int
    {
        $best = 0;
        foreach ($tries as $i => $try) {
            $best = abs($try->inTolerances()) < abs($tries[$best]->inTolerances()) ? $i : $best;
        }

        return $best;
    }
}
