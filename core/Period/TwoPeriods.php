<?php

declare(strict_types=1);

namespace Hovik\Core\Period;

/**
 * A lab that spans two periods: what keeps is measured, covered and put away in the first; the rest is measured, checked and mixed in the
 * second.
 */
final readonly class TwoPeriods
{
    private const FIRST = [Fixed::SetUp, Fixed::Safety, Fixed::Demonstration, Fixed::PutAway, Fixed::CleanUp];

    private const SECOND = [Fixed::SetUp, Fixed::Check, Fixed::Mixing, Fixed::CleanUp];

    private function __construct(public PeriodPlan $first, public PeriodPlan $second)
    {
    }

    /** @param  list<string>  $later  ids of the lines that are measured in the second */
    public static function of(Period $whole, array $later): self
    {
        $ids = array_map(static fn (PeriodLine $line): string => $line->id, $whole->lines);

        return new self(
            Scheduler::plan($whole->part(array_values(array_diff($ids, $later)), self::FIRST)),
            Scheduler::plan($whole->part(array_values(array_intersect($ids, $later)), self::SECOND)),
        );
    }
}
