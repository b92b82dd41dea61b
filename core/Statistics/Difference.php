<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

/** One mean less another, with its doubt. */
final readonly class Difference
{
    /**
     * @param  float  $mean  the second's less the first's
     * @param  float  $se  its standard error
     * @param  float  $df  degrees of freedom
     * @param  float  $p  how likely one so large, or larger, to either side, were there none
     * @param  array{float, float}  $interval  95 %
     */
    private function __construct(
        public float $mean, public float $se, public float $t, public float $df, public float $p, public array $interval,
    ) {
    }

    /** Of two groups whose spreads may differ (Welch). */
    public static function welch(Sample $first, Sample $second): self
    {
        [$a, $b] = [$first->variance() / $first->n(), $second->variance() / $second->n()];
        $df = $a + $b === 0.0 ? $first->n() + $second->n() - 2
            : ($a + $b) ** 2 / ($a * $a / ($first->n() - 1) + $b * $b / ($second->n() - 1));

        return self::of($second->mean() - $first->mean(), sqrt($a + $b), $df);
    }

    /** Of pairs: the same hands did each. */
    public static function paired(Sample $differences): self
    {
        return self::of($differences->mean(), $differences->se(), $differences->n() - 1);
    }

    private static function of(float $mean, float $se, float $df): self
    {
        $distribution = new StudentT($df);
        $half = $distribution->within(0.95) * $se;
        $t = $se > 0 ? $mean / $se : ($mean === 0.0 ? 0.0 : INF * ($mean <=> 0.0));

        return new self($mean, $se, $t, $df, is_finite($t) ? $distribution->beyond($t) : 0.0, [$mean - $half, $mean + $half]);
    }

    /** Whether it is more than chance makes one time in twenty. */
    public function isTold(): bool
    {
        return $this->interval[0] > 0 || $this->interval[1] < 0;
    }
}
