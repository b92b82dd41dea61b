<?php

declare(strict_types=1);

namespace Hovik\Core\Calendar;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/**
 * A school's bells: which schedule rings on which day. A weekday has one schedule, or takes part in a turn (A day, B day), or is no
 * school; a date may have another one, or none. Turns go on from school day to school day, so a holiday moves them.
 */
final readonly class SchoolCalendar
{
    /** A weekday that takes the next schedule in turn. */
    public const IN_TURN = '*';

    private const MOST_SCHEDULES = 12;

    private const MOST_DAYS = 400;

    /** Beyond this a turn is not counted on: nobody plans so far ahead. */
    private const FURTHEST_DAYS = 800;

    /**
     * @param  list<BellSchedule>  $schedules
     * @param  array<int, string>  $week  a schedule's name, or {@see IN_TURN}, by weekday: 1 (Monday) to 7; none: no school
     * @param  list<string>  $turns  names
     * @param  string|null  $turnsFrom  the day on which the first of them has its turn
     * @param  array<string, string|null>  $days  what is otherwise, by date; null: no school
     */
    private function __construct(
        public array $schedules, public array $week, public array $turns, public ?string $turnsFrom, public array $days,
    ) {
    }

    public static function none(): self
    {
        return new self([], [], [], null, []);
    }

    /**
     * @param  list<BellSchedule>  $schedules
     * @param  array<int, string>  $week
     * @param  list<string>  $turns
     * @param  array<string, string|null>  $days
     *
     * @throws InvalidInput naming `schedules`, `week.N`, `turns`, `turns_from` or `days.DATE`
     */
    public static function of(array $schedules, array $week, array $turns = [], ?string $turnsFrom = null, array $days = []): self
    {
        $names = array_map(static fn (BellSchedule $one): string => $one->name, $schedules);
        if (count($schedules) > self::MOST_SCHEDULES || count($days) > self::MOST_DAYS) {
            $most = ['schedules' => self::MOST_SCHEDULES, 'days' => self::MOST_DAYS];

            throw InvalidInput::because('schedules', Phrase::of('refusal.calendar-full', $most));
        }
        if (count(array_unique($names)) !== count($names) || in_array(self::IN_TURN, $names, true)) {
            throw InvalidInput::because('schedules', Phrase::of('refusal.bell-same'));
        }
        $known = static fn (string $name, string $field): string => in_array($name, $names, true)
            ? $name : throw InvalidInput::because($field, Phrase::of('refusal.no-bell-schedule', ['name' => $name]));
        foreach ($week as $day => $name) {
            if ($day < 1 || $day > 7) {
                throw InvalidInput::because('week', Phrase::of('refusal.no-such', ['id' => (string) $day]));
            }
            if ($name !== self::IN_TURN) {
                $known($name, "week.$day");
            }
        }
        foreach ($turns as $name) {
            $known($name, 'turns');
        }
        if (in_array(self::IN_TURN, $week, true) && ($turns === [] || $turnsFrom === null)) {
            throw InvalidInput::because($turns === [] ? 'turns' : 'turns_from', Phrase::of('refusal.turns-from'));
        }
        if ($turnsFrom !== null) {
            Day::of($turnsFrom, 'turns_from');
        }
        foreach ($days as $date => $name) {
            Day::of($date, "days.$date");
            if ($name !== null) {
                $known($name, "days.$date");
            }
        }
        ksort($week);
        ksort($days);

        return new self($schedules, $week, $turns, $turnsFrom, $days);
    }

    /** Whether the school told its bells at all; where it did not, every class has hours of its own. */
    public function isKnown(): bool
    {
        return $this->week !== [];
    }

    /** The schedule of a day; null: there is no school, or nothing is known of it. @throws InvalidInput */
    public function on(string $date): ?BellSchedule
    {
        if (array_key_exists($date, $this->days)) {
            return $this->named($this->days[$date]);
        }
        $day = Day::of($date);
        $name = $this->week[$day->weekday()] ?? null;

        return $this->named($name === self::IN_TURN ? $this->inTurn($day) : $name);
    }

    /** When a period is on a day; null: it is not. */
    public function hours(string $period, string $date): ?Hours
    {
        return $this->on($date)->periods[$period] ?? null;
    }

    /** @return list<string> names of all periods, as the first schedule that has them has them */
    public function periods(): array
    {
        $names = array_merge(...array_map(
            static fn (BellSchedule $one): array => array_map(strval(...), array_keys($one->periods)), $this->schedules,
        ));

        return array_values(array_unique($names));
    }

    /** The same calendar, but for one day. @throws InvalidInput */
    public function withDay(string $date, ?string $schedule): self
    {
        return self::of($this->schedules, $this->week, $this->turns, $this->turnsFrom, [$date => $schedule] + $this->days);
    }

    /** The same calendar, with a day as its week has it. @throws InvalidInput */
    public function withUsualDay(string $date): self
    {
        return self::of($this->schedules, $this->week, $this->turns, $this->turnsFrom, array_diff_key($this->days, [$date => true]));
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'schedules' => array_map(static fn (BellSchedule $one): array => $one->toArray(), $this->schedules),
            'week' => array_map(
                static fn (int $day, string $name): array => ['day' => $day, 'name' => $name], array_keys($this->week), $this->week,
            ),
            'turns' => $this->turns, 'turns_from' => $this->turnsFrom,
            'days' => array_map(
                static fn (string $date, ?string $name): array => ['date' => $date, 'name' => $name], array_keys($this->days), $this->days,
            ),
        ];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        $week = $days = [];
        foreach ($stored->objects('week') as $one) {
            $week[$one->whole('day')] = $one->text('name');
        }
        foreach ($stored->objects('days') as $one) {
            $days[$one->text('date')] = $one->has('name') ? $one->text('name') : null;
        }

        return self::of(
            array_map(BellSchedule::fromArray(...), $stored->objects('schedules')), $week, $stored->texts('turns'),
            $stored->has('turns_from') ? $stored->text('turns_from') : null, $days,
        );
    }

    /** Whose turn it is, counted on from the first day over days that are in turn and are school; before that day nobody's. */
    private function inTurn(Day $day): ?string
    {
        if ($this->turnsFrom === null || $this->turns === []) {
            return null;
        }
        $first = Day::of($this->turnsFrom)->number;
        if ($day->number < $first || $day->number - $first > self::FURTHEST_DAYS) {
            return null;
        }
        $taken = 0;
        for ($number = $first; $number < $day->number; $number++) {
            $taken += (int) (($this->week[Day::weekdayOf($number)] ?? null) === self::IN_TURN);
        }
        foreach ($this->days as $date => $name) { // a day without school takes nobody's turn
            $off = Day::of($date);
            $isBetween = $first <= $off->number && $off->number < $day->number;
            $taken -= (int) ($name === null && $isBetween && ($this->week[$off->weekday()] ?? null) === self::IN_TURN);
        }

        return $this->turns[$taken % count($this->turns)];
    }

    private function named(?string $name): ?BellSchedule
    {
        foreach ($this->schedules as $one) {
            if ($one->name === $name) {
                return $one;
            }
        }

        return null;
    }
}
