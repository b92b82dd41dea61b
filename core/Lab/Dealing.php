<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Seats dealt out by chance: as many at each station as can be, none with two more than another. */
final class Dealing
{
    /**
     * @param  list<int>  $students
     * @param  list<int>  $stations
     * @param  int  $seed  the same seed deals the same
     * @return array<int, int> station by student; empty where there is no station
     */
    public static function byChance(array $students, array $stations, int $seed): array
    {
        if ($stations === []) {
            return [];
        }
        $chance = new Randomizer(new Mt19937($seed));
        $seats = [];
        foreach ($chance->shuffleArray($students) as $i => $student) {
            $seats[$student] = $stations[$i % count($stations)];
        }

        return $seats;
    }
}
