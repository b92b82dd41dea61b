<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/** Places and weights by which a smooth function is summed up exactly, as if it were a polynomial (degree 31 in each piece). */
final class GaussLegendre
{
    private const NODES = 16;

    /** @var array{list<float>, list<float>}|null between -1 and 1 */
    private static ?array $unit = null;

    /**
     * @return array{list<float>, list<float>} places between the two, and their weights
     */
    public static function between(float $from, float $to, int $pieces): array
    {
        [$nodes, $weights] = self::$unit ??= self::unit();
        $half = ($to - $from) / $pieces / 2;
        $at = $by = [];
        for ($piece = 0; $piece < $pieces; $piece++) {
            $middle = $from + (2 * $piece + 1) * $half;
            foreach ($nodes as $i => $node) {
                $at[] = $middle + $half * $node;
                $by[] = $half * $weights[$i];
            }
        }

        return [$at, $by];
    }

    /** @return array{list<float>, list<float>} the roots of the Legendre polynomial, by Newton's steps */
    private static function unit(): array
    {
        $nodes = $weights = [];
        for ($i = 1; $i <= self::NODES; $i++) {
            $x = cos(M_PI * ($i - 0.25) / (self::NODES + 0.5));
            do {
                [$before, $now] = [1.0, $x];
                for ($n = 2; $n <= self::NODES; $n++) {
                    [$before, $now] = [$now, ((2 * $n - 1) * $x * $now - ($n - 1) * $before) / $n];
                }
                $slope = self::NODES * ($x * $now - $before) / ($x * $x - 1);
                $step = $now / $slope;
                $x -= $step;
            } while (abs($step) > 1e-15);
            $nodes[] = $x;
            $weights[] = 2 / ((1 - $x * $x) * $slope * $slope);
        }

        return [$nodes, $weights];
    }
}
