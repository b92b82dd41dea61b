<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Weighing\Verdict;

/** One weighing of a class's term: whose, of what, which try, and how it came out. */
final readonly class TermRow
{
    /**
     * @param  int  $line  of which lab it was, so that tries of the same thing belong together
     * @param  int  $nth  which of this student's tries of that line at that station, from 1
     * @param  bool  $isBest  of those tries the nearest
     * @param  Cause|null  $cause  what it was said to come from
     */
    public function __construct(
        public int $student, public Family $family, public int $line, public int $nth, public bool $isBest,
        public TermWeighing $weighing, public Verdict $verdict, public ?Cause $cause = null,
    ) {
    }

    /**
     * @param  list<self>  $rows
     * @return list<TermWeighing>
     */
    public static function weighings(array $rows): array
    {
        return array_map(static fn (self $one): TermWeighing => $one->weighing, $rows);
    }

    /** @param  list<self>  $rows */
    public static function level(array $rows): int
    {
        return count(array_filter($rows, static fn (self $one): bool => $one->verdict === Verdict::Level));
    }

    public function isFirst(): bool
    {
        return $this->nth === 1;
    }
}
