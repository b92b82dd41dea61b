<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

/** One student and one family over a term: how it reads, and how often it was Level, at the first try and at the best. */
final readonly class Cell
{
    /** Of practice, so many questions at least, and so many of four right, say that a hand is prepared. */
    private const PRACTISED = 4;

    /** @param  int  $lines  ingredients measured of which the scale could tell, each once */
    private function __construct(
        public ReadsAs $first, public ReadsAs $best, public int $lines, public int $levelFirst, public int $levelBest,
        public float $tolerance,
    ) {
    }

    /** @param  list<TermRow>  $rows  oldest first */
    public static function of(array $rows): self
    {
        $first = array_values(array_filter($rows, static fn (TermRow $one): bool => $one->isFirst()));
        $best = array_values(array_filter($rows, static fn (TermRow $one): bool => $one->isBest));
        // What the scale could not tell is neither Level nor a miss.
        $told = array_values(array_filter($first, static fn (TermRow $one): bool => $one->verdict !== Verdict::TooClose));
        $lines = array_flip(array_map(static fn (TermRow $one): int => $one->line, $told));
        $weighings = TermRow::weighings(...);
        $reads = ReadsAs::of($weighings($first));

        return new self(
            $reads, $first === $best ? $reads : ReadsAs::of($weighings($best)), count($told), TermRow::level($told),
            TermRow::level(array_values(array_filter($best, static fn (TermRow $one): bool => isset($lines[$one->line])))),
            $rows === [] ? 0.0 : array_sum(array_map(static fn (TermRow $one): float => $one->weighing->tolerance, $rows)) / count($rows),
        );
    }

    /**
     * What else is known where too little was weighed: what the teacher saw, and practice.
     *
     * @param  array{int, int}  $seen  steps seen done, of those looked at
     * @param  array{int, int}  $practised  questions about the family answered right, of those asked
     */
    public static function hint(?self $cell, array $seen, array $practised): ?Phrase
    {
        return match (true) {
            $cell !== null && $cell->first->habit !== Habit::NotYet => null,
            $seen[1] > 0 => Phrase::of('habit.hint.seen', ['done' => $seen[0], 'all' => $seen[1]]),
            $practised[1] >= self::PRACTISED && 4 * $practised[0] >= 3 * $practised[1] => Phrase::of('habit.hint.practised'),
            $practised[1] > 0 => Phrase::of('habit.hint.practising'),
            default => null,
        };
    }
}
