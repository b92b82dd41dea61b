<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;

/**
 * Finds which tools, filled how often, add up to a volume. Exact: volumes become whole numbers of one common small part,
 * and the search tries one fill, then two, and so on, so what it finds first has the fewest fills.
 */
final class FillSearch
{
    /** Nobody fills more often than this; beyond it the answer is to weigh. */
    private const MOST_FILLS = 64;

    /** @var list<int> volumes, largest first */
    private array $sizes = [];

    /** @var array<int, int> greatest common divisor of this size and all smaller ones */
    private array $gcds = [];

    /** @var list<int> position in the caller's list */
    private array $origin = [];

    private int $goal;

    private function __construct()
    {
    }

    /**
     * @param  list<BigRational>  $volumes  of one fill each, mL
     * @return self|null null when there is nothing to fill, or the numbers have no common part of sane size
     */
    public static function over(array $volumes, BigRational $goal): ?self
    {
        if ($volumes === []) {
            return null;
        }
        $common = BigInteger::one();
        foreach ([...$volumes, $goal] as $volume) {
            $denominator = $volume->getDenominator();
            if (! $common->isEqualTo($denominator)) {
                $common = $common->multipliedBy($denominator)->quotient($common->gcd($denominator));
            }
        }
        $whole = static fn (BigRational $v): BigInteger => $v->getNumerator()->multipliedBy($common->quotient($v->getDenominator()));
        if ($whole($goal)->isGreaterThan(PHP_INT_MAX >> 8)) {
            return null;
        }
        $sized = [];
        foreach ($volumes as $index => $volume) {
            $size = $whole($volume);
            if ($size->isLessThanOrEqualTo(PHP_INT_MAX >> 8)) {
                $sized[$index] = $size->toInt();
            }
        }
        if ($sized === []) {
            return null;
        }
        arsort($sized);
        $search = new self;
        $search->goal = $whole($goal)->toInt();
        $search->sizes = array_values($sized);
        $search->origin = array_keys($sized);
        $gcd = 0;
        for ($i = count($search->sizes) - 1; $i >= 0; $i--) {
            $gcd = self::gcd($search->sizes[$i], $gcd);
            $search->gcds[$i] = $gcd;
        }

        return $search;
    }

    /**
     * All exact combinations with the fewest fills, and with more fills above that until there are enough to choose from.
     *
     * @param  int  $enough  combinations wanted
     * @param  int  $most  fills above the fewest, to find them
     * @return list<array<int, int>> position in the given list => times filled
     */
    public function exact(int $enough = 1, int $most = 0): array
    {
        if ($this->goal % $this->gcds[0] !== 0) {
            return [];
        }
        $found = [];
        $last = self::MOST_FILLS;
        for ($fills = max(1, intdiv($this->goal + $this->sizes[0] - 1, $this->sizes[0])); $fills <= $last; $fills++) {
            $isFirst = $found === [];
            $this->descend(0, $fills, $this->goal, [], $found);
            if ($isFirst && $found !== []) {
                $last = min(self::MOST_FILLS, $fills + $most);
            }
            if (count($found) >= $enough) {
                break;
            }
        }

        return $found;
    }

    /**
     * The nearest combination of at most this many fills, never none.
     *
     * @return array<int, int> position in the given list => times filled
     */
    public function nearest(int $fills): array
    {
        $best = [];
        $bestError = PHP_INT_MAX;
        $this->approach(0, $fills, 0, [], $best, $bestError);

        return $best;
    }

    /**
     * @param  array<int, int>  $chosen
     * @param  list<array<int, int>>  $found
     */
    private function descend(int $i, int $fills, int $left, array $chosen, array &$found): void
    {
        if ($left === 0 || $fills === 0) {
            if ($left === 0 && $fills === 0) {
                $found[] = $chosen;
            }

            return;
        }
        if (! isset($this->sizes[$i]) || $left > $fills * $this->sizes[$i] || $left % $this->gcds[$i] !== 0) {
            return;
        }
        for ($times = min($fills, intdiv($left, $this->sizes[$i])); $times >= 0; $times--) {
            $this->descend(
                $i + 1, $fills - $times, $left - $times * $this->sizes[$i],
                $times === 0 ? $chosen : $chosen + [$this->origin[$i] => $times], $found,
            );
        }
    }

    /**
     * @param  array<int, int>  $chosen
     * @param  array<int, int>  $best
     */
    private function approach(int $i, int $fills, int $sum, array $chosen, array &$best, int &$bestError): void
    {
        $error = abs($this->goal - $sum);
        if ($chosen !== [] && ($error < $bestError || ($error === $bestError && array_sum($chosen) < array_sum($best)))) {
            $best = $chosen;
            $bestError = $error;
        }
        if (
            ! isset($this->sizes[$i])
                || $fills === 0
                || $sum >= $this->goal
                || $this->goal - $sum - $fills * $this->sizes[$i] >= $bestError
        ) {
            return;
        }
        $most = min($fills, intdiv($this->goal - $sum, $this->sizes[$i]) + 1);
        for ($times = $most; $times >= 0; $times--) {
            $this->approach(
                $i + 1, $fills - $times, $sum + $times * $this->sizes[$i],
                $times === 0 ? $chosen : $chosen + [$this->origin[$i] => $times], $best, $bestError,
            );
        }
    }

    private static function gcd(int $a, int $b): int
    {
        while ($b !== 0) {
            [$a, $b] = [$b, $a % $b];
        }

        return $a;
    }
}
