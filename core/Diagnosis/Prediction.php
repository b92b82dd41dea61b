<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\Weighing\Normal;
use Hovik\Core\Weighing\Weight;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Words\Phrase;

/** The readings a cause leads to: a mixture of normals, since a slip is made in more than one way. Grams. */
final class Prediction
{
    /** Natural logarithm of how much worse than the best a part may fit and still count as near. */
    private const NEAR = 2.5;

    /**
     * @var non-empty-list<array{0: float, 1: float, 2: float, 3?: Phrase|null}> weight, mean, standard deviation of each part, and
     *   which way of making the slip it is; weights add up to 1
     */
    public readonly array $parts;

    /** @param  non-empty-list<array{0: float, 1: float, 2: float, 3?: Phrase|null}>  $parts  weights of any size */
    public function __construct(array $parts)
    {
        $all = array_sum(array_column($parts, 0));
        $this->parts = array_map(
            static fn (array $part): array => [$part[0] / $all, $part[1], max($part[2], 1e-4), $part[3] ?? null], $parts,
        );
    }

    /**
     * Of weights, on this scale.
     *
     * @param  list<array{0: float, 1: Weight, 2?: Phrase|null}>  $weights  how often, what, and which way of making the slip
     */
    public static function ofWeights(array $weights, Scale $scale): ?self
    {
        $parts = [];
        foreach ($weights as $way) {
            [$often, $weight] = $way;
            if ($often > 0 && $weight->mean > 0) {
                $parts[] = [$often, $weight->mean, WeightModel::readingU($weight->mean, $weight->u(), $scale), $way[2] ?? null];
            }
        }

        return $parts === [] ? null : new self($parts);
    }

    /** Probability density at this reading, per g. */
    public function density(float $grams): float
    {
        $sum = 0.0;
        foreach ($this->parts as [$weight, $mean, $sd]) {
            $z = ($grams - $mean) / $sd;
            if ($z > -9 && $z < 9) {
                $sum += $weight * Normal::density($z) / $sd;
            }
        }

        return $sum;
    }

    /**
     * Between these lie 90 % of its readings, 5 % under and 5 % over; of the ways in which it is made only those that lead
     * near this reading, since 'a third, or ten times' would help nobody.
     *
     * @return array{float, float}
     */
    public function rangeAt(float $grams): array
    {
        $fit = $this->fit($grams);
        $best = max($fit);
        $near = [$this->parts[array_search($best, $fit, true)]];
        foreach ($this->parts as $i => $part) {
            if ($fit[$i] < $best && $fit[$i] > $best - self::NEAR) {
                $near[] = $part;
            }
        }
        $near = new self($near);

        // A range beside the very reading that it explains would be hard to believe.
        return [min($near->quantile(0.05), $grams), max($near->quantile(0.95), $grams)];
    }

    /**
     * Which way of making the slip leads nearest to this reading: the cup it was, the line that was read; null where there is but one way.
     */
    public function wayAt(float $grams): ?Phrase
    {
        $fit = $this->fit($grams);

        return $this->parts[array_search(max($fit), $fit, true)][3] ?? null;
    }

    /** @return non-empty-list<float> how well each part fits this reading, in natural logarithms */
    private function fit(float $grams): array
    {
        return array_map(
            static fn (array $part): float => log($part[0] / $part[2]) - (($grams - $part[1]) / $part[2]) ** 2 / 2, $this->parts,
        );
    }

    /** The same slip on top of another: what the second multiplies, it multiplies here too. */
    public function times(self $other, Weight $sound): self
    {
        $parts = [];
        foreach ($this->parts as [$w1, $m1, $s1]) {
            foreach ($other->parts as [$w2, $m2, $s2]) {
                $mean = $m1 * $m2 / $sound->mean;
                $own = ($s1 / $m1) ** 2 + ($s2 / $m2) ** 2 - ($sound->u() / $sound->mean) ** 2;
                $parts[] = [$w1 * $w2, $mean, $mean * sqrt(max($own, ($s1 / $m1) ** 2))];
            }
        }

        return new self($parts);
    }

    /** The same with what another slip adds: a vessel that was not taken off. */
    public function plus(self $other, Weight $sound): self
    {
        $parts = [];
        foreach ($this->parts as [$w1, $m1, $s1]) {
            foreach ($other->parts as [$w2, $m2, $s2]) {
                $parts[] = [$w1 * $w2, $m1 + $m2 - $sound->mean, sqrt($s1 ** 2 + max($s2 ** 2 - $sound->u() ** 2, 0.0))];
            }
        }

        return new self($parts);
    }

    private function quantile(float $share): float
    {
        $low = min(array_map(static fn (array $part): float => $part[1] - 5 * $part[2], $this->parts));
        $high = max(array_map(static fn (array $part): float => $part[1] + 5 * $part[2], $this->parts));
        for ($i = 0; $i < 20; $i++) {
            $middle = ($low + $high) / 2;
            $below = 0.0;
            foreach ($this->parts as [$weight, $mean, $sd]) {
                $below += $weight * Normal::below(($middle - $mean) / $sd);
            }
            if ($below < $share) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return max(($low + $high) / 2, 0.0);
    }
}
