<?php

declare(strict_types=1);

namespace Hovik\Core\Statistics;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** Readings of one thing, and what they say of it. Floats: what is measured is never exact. */
final readonly class Sample
{
    /** A reading is an outlier when it lies so many times the usual distance from the median (with the median absolute deviation). */
    public const OUTLIER = 3.5;

    /** Of a normal distribution, the standard deviation over the median absolute deviation, and over the mean absolute one. */
    private const BY_MEDIAN = 1.482602218505602;

    private const BY_MEAN = 1.2533141373155003;

    /** With fewer nobody can say which one is odd. */
    private const LEAST_FOR_OUTLIERS = 5;

    /** More than anybody weighs of one thing. */
    private const MOST = 10_000;

    /** @param  list<float>  $readings  one or more, as they were taken */
    private function __construct(public array $readings)
    {
    }

    /**
     * @param  list<float>  $readings
     *
     * @throws InvalidInput when there is none, too many, or one is no number
     */
    public static function of(array $readings, string $field = 'readings'): self
    {
        if ($readings === [] || count($readings) > self::MOST) {
            throw InvalidInput::because($field, Phrase::of('refusal.range', ['least' => 1, 'most' => self::MOST]));
        }
        foreach ($readings as $i => $reading) {
            if (! is_finite($reading)) {
                throw InvalidInput::because("$field.$i", Phrase::of('refusal.answer-number'));
            }
        }

        return new self($readings);
    }

    public function n(): int
    {
        return count($this->readings);
    }

    public function mean(): float
    {
        return array_sum($this->readings) / $this->n();
    }

    /** Of what they are a sample of (over n - 1); 0 for one reading. */
    public function variance(): float
    {
        return $this->n() < 2 ? 0.0 : $this->squares() / ($this->n() - 1);
    }

    /** Sum of squared distances from the mean. */
    public function squares(): float
    {
        $mean = $this->mean();

        return array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $this->readings));
    }

    public function sd(): float
    {
        return sqrt($this->variance());
    }

    /** Standard deviation in percent of the mean; null where the mean is 0. */
    public function cvPct(): ?float
    {
        $mean = $this->mean();

        return $mean === 0.0 ? null : 100 * $this->sd() / abs($mean);
    }

    /** Standard error of the mean. */
    public function se(): float
    {
        return $this->sd() / sqrt($this->n());
    }

    /**
     * Between which the mean lies, with so much confidence (Student t); null for one reading.
     *
     * @return array{float, float}|null
     */
    public function interval(float $confidence = 0.95): ?array
    {
        if ($this->n() < 2) {
            return null;
        }
        $half = (new StudentT($this->n() - 1))->within($confidence) * $this->se();

        return [$this->mean() - $half, $this->mean() + $half];
    }

    /**
     * The reading below which so much of them lies, between two readings in proportion (position share × (n - 1) of the sorted ones).
     *
     * @param  float  $share  0 to 1
     */
    public function quantile(float $share): float
    {
        $sorted = $this->readings;
        sort($sorted);
        $place = $share * (count($sorted) - 1);
        $low = (int) floor($place);
        $high = min($low + 1, count($sorted) - 1);

        return $sorted[$low] + ($place - $low) * ($sorted[$high] - $sorted[$low]);
    }

    public function median(): float
    {
        return $this->quantile(0.5);
    }

    /**
     * Which readings are odd: farther from the median than {@see OUTLIER} times what is usual, by the median absolute deviation (by the
     * mean one where half of the readings are alike). Flagged, never deleted. None of fewer than five.
     *
     * @return list<int> by place
     */
    public function outliers(): array
    {
        if ($this->n() < self::LEAST_FOR_OUTLIERS) {
            return [];
        }
        $median = $this->median();
        $away = array_map(static fn (float $one): float => abs($one - $median), $this->readings);
        $of = new self($away);
        $usual = $of->median() > 0 ? self::BY_MEDIAN * $of->median() : self::BY_MEAN * $of->mean();

        return $usual === 0.0 ? [] : array_keys(array_filter($away, static fn (float $one): bool => $one > self::OUTLIER * $usual));
    }

    /**
     * How many more readings like these until the mean is known to so many percent (95 %); null where that cannot be told: one reading, or
     * a mean of 0.
     */
    public function moreFor(float $percent): ?int
    {
        if ($this->n() < 2 || $this->mean() === 0.0) {
            return null;
        }
        $wanted = $percent / 100 * abs($this->mean());
        $half = fn (int $n): float => (new StudentT($n - 1))->within(0.95) * $this->sd() / sqrt($n);
        [$low, $high] = [$this->n(), $this->n()];
        while ($half($high) > $wanted) {
            $low = $high;
            $high *= 2;
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $half($middle) > $wanted ? $low = $middle : $high = $middle;
        }

        return $high - $this->n();
    }

    /** @param  list<int>  $places  left out */
    public function without(array $places): self
    {
        return self::of(array_values(array_diff_key($this->readings, array_flip($places))));
    }
}
