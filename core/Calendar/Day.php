<?php

declare(strict_types=1);

namespace Hovik\Core\Calendar;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** A day of the calendar on a wall, as a number that days can be counted by. */
final readonly class Day
{
    private function __construct(public string $date, public int $number)
    {
    }

    /**
     * @param  string  $date  `2026-11-28`
     *
     * @throws InvalidInput naming `$field`, when there is no such day
     */
    public static function of(string $date, string $field = 'date'): self
    {
        if (preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $date, $read) !== 1 || ! checkdate((int) $read[2], (int) $read[3], (int) $read[1])) {
            throw InvalidInput::because($field, Phrase::of('refusal.no-date', ['text' => $date]));
        }

        return new self($date, self::count((int) $read[1], (int) $read[2], (int) $read[3]));
    }

    /** 1 is Monday, 7 Sunday. */
    public function weekday(): int
    {
        return self::weekdayOf($this->number);
    }

    public static function weekdayOf(int $number): int
    {
        return 1 + $number % 7;
    }

    /**
     * Days since 1 January of the year 1, which is 0 and a Monday when the Gregorian calendar is counted back. January and February count
     * to the year before, so that a leap day is the last of its year.
     */
    private static function count(int $year, int $month, int $day): int
    {
        $years = $month > 2 ? $year : $year - 1;
        $months = $month > 2 ? $month - 3 : $month + 9;

        return 365 * $years + intdiv($years, 4) - intdiv($years, 100) + intdiv($years, 400) + intdiv(153 * $months + 2, 5) + $day - 307;
    }
}
