<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;

/**
 * Which tools, filled how often, come to a volume or near it. Exact: volumes become whole numbers of one common small part. The sums
 * that can be reached are found fill by fill, each once, by its fewest fills; so the work grows with the number of sums and never with
 * the number of ways to reach them, and it ends at {@see MOST_SUMS}.
 */
final class FillSearch
{
    /** Nobody fills more often than this; beyond it the answer is to weigh. */
    public const MOST_FILLS = 12;

    /** Sums looked at, whatever the drawer and the amount. */
    public const MOST_SUMS = 10_000;

    /** Ways listed for one number of fills; and steps taken to find them. */
    private const MOST_WAYS = 40;

    private const MOST_STEPS = 4_000;

    private int $steps = 0;

    /** @var array<int, int> sum => fewest fills that reach it; 0 => 0 */
    private array $reached = [0 => 0];

    /** Fills up to which every sum was looked at. */
    private int $complete = 0;

    /**
     * @param  list<int>  $sizes  volumes, largest first
     * @param  list<int>  $origin  position in the caller's list
     * @param  list<int>  $gcds  greatest common divisor of each size and all smaller ones
     */
    private function __construct(
        public readonly int $goal, private readonly array $sizes, private readonly array $origin, private readonly array $gcds,
    ) {
    }

    /**
     * @param  list<BigRational>  $volumes  of one fill each, mL, no two the same
     * @param  int  $most  fills
     * @param  list<BigRational>  $beside  other volumes that its sums are to be added to
     * @param  bool  $isAll  small sums, too, that no further fill leads from to the goal
     * @return self|null null when there is nothing to fill, or the numbers have no common part of sane size
     */
    public static function over(
        array $volumes, BigRational $goal, int $most = self::MOST_FILLS, array $beside = [], bool $isAll = false,
    ): ?self {
        $common = BigInteger::one();
        foreach ([...$volumes, ...$beside, $goal] as $volume) {
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
        $sizes = array_values($sized);
        $gcds = [];
        $gcd = 0;
        for ($i = count($sizes) - 1; $i >= 0; $i--) {
            $gcd = self::gcd($sizes[$i], $gcd);
            array_unshift($gcds, $gcd);
        }
        $search = new self($whole($goal)->toInt(), $sizes, array_keys($sized), $gcds);
        $search->reach($most, $isAll);

        return $search;
    }

    /** @return array<int, int> every sum that so many fills reach, up to the goal and the first beyond it => its fewest fills */
    public function sums(): array
    {
        return $this->reached;
    }

    /** How many sums were looked at: never more than {@see MOST_SUMS}. */
    public function visited(): int
    {
        return count($this->reached);
    }

    /** Of this very sum; null where it was not reached. */
    public function fewest(int $sum): ?int
    {
        return $this->reached[$sum] ?? null;
    }

    /**
     * Ways to reach the goal exactly: all with the fewest fills, and with more fills above that until there are enough to choose from.
     *
     * @param  int  $enough  ways wanted
     * @param  int  $more  fills above the fewest, to find them
     * @return list<array<int, int>> position in the given list => times filled
     */
    public function exact(int $enough = 1, int $more = 0): array
    {
        $fewest = $this->fewest($this->goal);
        $found = [];
        $last = $fewest === null ? 0 : min($fewest + $more, $this->complete);
        for ($fills = $fewest ?? 1; $fills <= $last && count($found) < $enough; $fills++) {
            array_push($found, ...$this->ways($this->goal, $fills));
        }

        return $found;
    }

    /**
     * The sum nearest to the goal that at most so many fills reach; of equally near ones that with fewer fills, then the lower.
     *
     * @return int|null null where not one fill is possible
     */
    public function nearest(int $fills): ?int
    {
        $best = null;
        $rank = [];
        foreach ($this->reached as $sum => $fewest) {
            $own = [abs($this->goal - $sum), $fewest, $sum];
            if ($fewest > 0 && $fewest <= $fills && ($best === null || $own < $rank)) {
                [$best, $rank] = [$sum, $own];
            }
        }

        return $best;
    }

    /**
     * The sum that is near enough with the fewest fills; of those the nearest, then the lower.
     *
     * @param  float  $share  of the goal that it may be off, 0 to 1
     * @return int|null null where none is so near
     */
    public function near(float $share, int $fills): ?int
    {
        $best = null;
        $rank = [];
        foreach ($this->reached as $sum => $fewest) {
            $own = [$fewest, abs($this->goal - $sum), $sum];
            $isNear = abs($this->goal - $sum) <= $share * $this->goal;
            if ($isNear && $fewest > 0 && $fewest <= $fills && ($best === null || $own < $rank)) {
                [$best, $rank] = [$sum, $own];
            }
        }

        return $best;
    }

    /**
     * Ways to reach a sum with exactly so many fills.
     *
     * @return list<array<int, int>> position in the given list => times filled, largest first
     */
    public function ways(int $sum, int $fills): array
    {
        $found = [];
        $this->steps = 0;
        if ($sum <= $this->goal) {
            $this->descend(0, $fills, $sum, [], $found);

            return $found;
        }
        // The fill that went beyond the goal was put on a sum below it.
        foreach ($this->sizes as $i => $size) {
            $before = $sum - $size;
            $isBelow = $before < $this->goal && ($this->reached[$before] ?? $fills) < $fills;
            foreach ($isBelow ? $this->ways($before, $fills - 1) : [] as $way) {
                $way[$this->origin[$i]] = ($way[$this->origin[$i]] ?? 0) + 1;
                ksort($way);
                $found[implode(' ', array_keys($way)).'/'.implode(' ', $way)] = $way;
            }
        }

        return array_values($found);
    }

    private function reach(int $most, bool $isAll): void
    {
        $frontier = [0];
        // A sum from which even the largest measure does not lead near the goal any more is left out.
        $wanted = $isAll ? 0 : min($this->goal, $most * $this->sizes[0]) - $this->sizes[0];
        for ($fills = 1; $fills <= $most && $frontier !== []; $fills++) {
            $next = [];
            foreach ($frontier as $sum) {
                if ($sum >= $this->goal) {
                    continue;
                }
                foreach ($this->sizes as $size) {
                    $more = $sum + $size;
                    if (! isset($this->reached[$more]) && $more + ($most - $fills) * $this->sizes[0] >= $wanted) {
                        if (count($this->reached) >= self::MOST_SUMS) {
                            return;
                        }
                        $this->reached[$more] = $fills;
                        $next[] = $more;
                    }
                }
            }
            $frontier = $next;
            $this->complete = $fills;
        }
        $this->complete = $most;
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
        if (
            ! isset($this->sizes[$i])
                || $left > $fills * $this->sizes[$i]
                || $left % $this->gcds[$i] !== 0
                || ($this->reached[$left] ?? $this->complete + 1) > $fills
                || count($found) >= self::MOST_WAYS
                || ++$this->steps > self::MOST_STEPS
        ) {
            return;
        }
        for ($times = min($fills, intdiv($left, $this->sizes[$i])); $times >= 0; $times--) {
            $this->descend(
                $i + 1, $fills - $times, $left - $times * $this->sizes[$i],
                $times === 0 ? $chosen : $chosen + [$this->origin[$i] => $times], $found,
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
