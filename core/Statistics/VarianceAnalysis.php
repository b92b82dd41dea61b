<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/** Analysis of variance: whether several groups have one mean; which pairs differ, by the honest differences of Tukey (and Kramer). */
final readonly class VarianceAnalysis
{
    /**
     * @param  array<array-key, float>  $means
     * @param  array<array-key, int>  $counts
     * @param  float  $errorVariance  within groups, or what groups and blocks leave over
     */
    private function __construct(
        public float $f, public int $df, public int $errorDf, public float $p, private array $means, private array $counts,
        private float $errorVariance,
    ) {
    }

    /** @param  non-empty-array<array-key, Sample>  $groups  two or more; more readings than groups */
    public static function of(array $groups): self
    {
        $counts = array_map(static fn (Sample $one): int => $one->n(), $groups);
        $means = array_map(static fn (Sample $one): float => $one->mean(), $groups);
        $all = array_sum($counts);
        $grand = array_sum(array_map(static fn (float $mean, int $n): float => $mean * $n, $means, $counts)) / $all;
        $between = array_sum(array_map(static fn (float $mean, int $n): float => $n * ($mean - $grand) ** 2, $means, $counts));
        $within = array_sum(array_map(static fn (Sample $one): float => $one->squares(), $groups));

        return self::from($between, count($groups) - 1, $within, $all - count($groups), $means, $counts);
    }

    /**
     * Of blocks: the same hands did each, and what is theirs is taken out first.
     *
     * @param  non-empty-list<array<array-key, float>>  $blocks  two or more, each with one reading of every group
     */
    public static function inBlocks(array $blocks): self
    {
        $names = array_keys($blocks[0]);
        $means = [];
        foreach ($names as $name) {
            $means[$name] = array_sum(array_column($blocks, $name)) / count($blocks);
        }
        $grand = array_sum($means) / count($means);
        $between = $left = 0.0;
        foreach ($blocks as $block) {
            $own = array_sum($block) / count($block);
            foreach ($names as $name) {
                $between += ($means[$name] - $grand) ** 2;
                $left += ($block[$name] - $own - $means[$name] + $grand) ** 2;
            }
        }

        return self::from(
            $between, count($names) - 1, $left, (count($names) - 1) * (count($blocks) - 1), $means,
            array_fill_keys($names, count($blocks)),
        );
    }

    /**
     * @param  array<array-key, float>  $means
     * @param  array<array-key, int>  $counts
     */
    private static function from(float $between, int $df, float $error, int $errorDf, array $means, array $counts): self
    {
        $variance = $error / $errorDf;
        $f = $variance > 0 ? $between / $df / $variance : ($between > 0 ? INF : 0.0);

        return new self($f, $df, $errorDf, is_finite($f) ? (new FisherF($df, $errorDf))->beyond($f) : 0.0, $means, $counts, $variance);
    }

    /**
     * All pairs, each with an interval that holds for all of them at once.
     *
     * @return list<PairDifference>
     */
    public function pairs(): array
    {
        $range = new StudentizedRange(count($this->means), $this->errorDf);
        $wide = $range->quantile(0.95);
        $names = array_keys($this->means);
        $pairs = [];
        foreach ($names as $i => $first) {
            foreach (array_slice($names, $i + 1) as $second) {
                $se = sqrt($this->errorVariance / 2 * (1 / $this->counts[$first] + 1 / $this->counts[$second]));
                $mean = $this->means[$second] - $this->means[$first];
                $p = $se > 0 ? $range->beyond(abs($mean) / $se) : ($mean === 0.0 ? 1.0 : 0.0);
                $pairs[] = new PairDifference((string) $first, (string) $second, $mean, [$mean - $wide * $se, $mean + $wide * $se], $p);
            }
        }

        return $pairs;
    }
}
