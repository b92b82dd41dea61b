<?php

declare(strict_types=1);

namespace Hovik\Core\Simulator;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Verdict;

/** Two ways of measuring the same, side by side: how many of each weight, and how many would be Level. */
final readonly class TwoWays
{
    private const BINS = 24;

    /**
     * @param  list<array{from_g: float, to_g: float, one: int, other: int}>  $bins  from light to heavy
     * @param  array{mean_g: float, sd_g: float, level: int, heaped: int, shy: int, too_close: int}  $one
     * @param  array{mean_g: float, sd_g: float, level: int, heaped: int, shy: int, too_close: int}  $other
     */
    private function __construct(public array $bins, public array $one, public array $other, public int $most)
    {
    }

    public static function of(Simulator $bench, HandlingChoices $one, HandlingChoices $other, Scale $scale, int $draws, int $seed): self
    {
        $first = $bench->draws($one, $scale, $draws, $seed);
        $second = $bench->draws($other, $scale, $draws, $seed + 1);
        $all = [...$first, ...$second];
        // As wide as the scale's step at least: a bin that no reading can fall into would look like a gap.
        $width = max((max($all) - min($all)) / self::BINS, $scale->readabilityG);
        $width = ceil($width / $scale->readabilityG - 1e-9) * $scale->readabilityG;
        $from = floor(min($all) / $width) * $width;
        // By number, so that no draw falls between two edges.
        $binOf = static fn (float $grams): int => (int) floor(($grams - $from) / $width + 1e-6);
        $ofFirst = array_count_values(array_map($binOf, $first));
        $ofSecond = array_count_values(array_map($binOf, $second));
        $bins = array_map(static fn (int $bin): array => [
            'from_g' => round($from + $bin * $width, 6), 'to_g' => round($from + ($bin + 1) * $width, 6),
            'one' => $ofFirst[$bin] ?? 0, 'other' => $ofSecond[$bin] ?? 0,
        ], range(0, $binOf(max($all))));

        return new self(
            $bins, self::summary($first, $bench, $scale), self::summary($second, $bench, $scale),
            max([1, ...array_column($bins, 'one'), ...array_column($bins, 'other')]),
        );
    }

    /**
     * @param  non-empty-list<float>  $draws
     * @return array{mean_g: float, sd_g: float, level: int, heaped: int, shy: int, too_close: int}
     */
    private static function summary(array $draws, Simulator $bench, Scale $scale): array
    {
        $n = count($draws);
        $mean = array_sum($draws) / $n;
        $squares = array_sum(array_map(static fn (float $grams): float => ($grams - $mean) ** 2, $draws));
        $verdicts = array_count_values(
            array_map(
                static fn (float $grams): string => Judge::judge($bench->target, ScaleReading::of($grams, $scale))->verdict->value,
                $draws,
            ),
        );

        return [
            'mean_g' => $mean, 'sd_g' => $n < 2 ? 0.0 : sqrt($squares / ($n - 1)),
            'level' => $verdicts[Verdict::Level->value] ?? 0, 'heaped' => $verdicts[Verdict::Heaped->value] ?? 0,
            'shy' => $verdicts[Verdict::Shy->value] ?? 0, 'too_close' => $verdicts[Verdict::TooClose->value] ?? 0,
        ];
    }
}
