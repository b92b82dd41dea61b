<?php

declare(strict_types=1);

namespace Tests\Core;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Period\Period;
use Hovik\Core\Period\PeriodLine;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Periods by chance, for properties of the scheduler and for its bench: stations, lines, scales, shared things. */
final class ChancePeriod
{
    /** s of the fixed blocks of a usual period. */
    public const USUAL = ['set-up' => 300, 'demonstration' => 300, 'check' => 60, 'clean-up' => 420];

    /** @param  array<string, int>  $fixed  s by block */
    public static function of(int $seed, array $fixed = self::USUAL): Period
    {
        $random = new Randomizer(new Mt19937($seed));
        $stations = $random->getInt(2, 8);
        $resources = ['scale' => $random->getInt(1, max(1, intdiv($stations + 1, 2)))];
        for ($r = $random->getInt(0, 4); $r > 0; $r--) {
            $resources["shared-$r"] = $random->getInt(1, max(1, $stations - 1));
        }
        $lines = [];
        for ($l = $random->getInt(4, 12); $l > 0; $l--) {
            $family = Family::cases()[$random->getInt(0, count(Family::cases()) - 1)];
            $needs = array_values(
                array_filter(array_keys($resources), static fn (string $id): bool => $id !== 'scale' && $random->getInt(1, 6) === 1),
            );
            $lines[] = new PeriodLine("line-$l", $family, $needs, ['scale'], PeriodLine::usualMeasureS($family) + $random->getInt(-15, 30));
        }

        return Period::of(47, $stations, 2, $lines, $resources, $fixed);
    }
}
