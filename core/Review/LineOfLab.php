<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\Weighing\Verdict;

/** One ingredient of a lab, looked back on: all stations together. */
final readonly class LineOfLab
{
    /**
     * @param  int  $first  first tries that were Level
     * @param  int  $n  first tries
     * @param  int  $second  lines that were tried again
     * @param  int  $gained  of those, the ones that became Level
     * @param  float|null  $bias  % of the target, mean of the first tries
     * @param  float|null  $spread  % of the target, their standard deviation
     */
    private function __construct(
        public int $first, public int $n, public int $second, public int $gained, public ?float $bias, public ?float $spread,
        public ReadsAs $reads,
    ) {
    }

    /** @param  list<TermRow>  $rows  of it, oldest first */
    public static function of(array $rows): self
    {
        $level = static fn (TermRow $one): bool => $one->verdict === Verdict::Level;
        $first = array_values(array_filter($rows, static fn (TermRow $one): bool => $one->isFirst()));
        $misses = array_filter($first, static fn (TermRow $one): bool => ! $level($one));
        $again = array_filter($misses, static fn (TermRow $miss): bool => array_filter($rows, static fn (TermRow $one): bool => ! $one
            ->isFirst() && $one->student === $miss->student && $one->line === $miss->line) !== []);
        $gained = array_filter($again, static fn (TermRow $miss): bool => array_filter($rows, static fn (TermRow $one): bool => ! $one
            ->isFirst() && $level($one) && $one->student === $miss->student && $one->line === $miss->line) !== []);
        $weighings = TermRow::weighings($first);
        $reads = ReadsAs::of($weighings);
        $shares = array_map(static fn (TermWeighing $one): float => $one->share, $weighings);

        return new self(
            count(array_filter($first, $level)), count($first), count($again), count($gained),
            $shares === [] ? null : 100 * expm1(array_sum($shares) / count($shares)), count($shares) < 2 ? null : $reads->spreadPct, $reads,
        );
    }
}
