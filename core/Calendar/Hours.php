<?php

declare(strict_types=1);

namespace Hovik\Core\Calendar;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** From one bell to the next on one day, by the school's wall clock: `10:05` to `10:52`. */
final readonly class Hours
{
    private function __construct(public string $from, public string $to)
    {
    }

    /**
     * @param  string  $from  `HH:MM`; what a database adds for seconds is passed over
     *
     * @throws InvalidInput naming `starts_at` or `ends_at`
     */
    public static function of(string $from, string $to): self
    {
        [$from, $to] = [self::time($from, 'starts_at'), self::time($to, 'ends_at')];

        if (strcmp($from, $to) >= 0) {
            throw InvalidInput::because('ends_at', Phrase::of('refusal.bell-order', ['from' => $from, 'to' => $to]));
        }

        return new self($from, $to);
    }

    /** How long it is, in minutes: 1 to 1,439. */
    public function minutes(): int
    {
        return self::sinceMidnight($this->to) - self::sinceMidnight($this->from);
    }

    /** Whether the bell has rung and will ring again. @param  string  $time  `HH:MM` */
    public function holds(string $time): bool
    {
        return strcmp($this->from, $time) <= 0 && strcmp($time, $this->to) < 0;
    }

    private static function sinceMidnight(string $time): int
    {
        [$hours, $minutes] = explode(':', $time);

        return 60 * (int) $hours + (int) $minutes;
    }

    private static function time(string $time, string $field): string
    {
        return preg_match('/^(?:[01]\d|2[0-3]):[0-5]\d(?=:\d\d$|$)/', $time, $read) === 1
            ? $read[0] : throw InvalidInput::because($field, Phrase::of('refusal.bell-time', ['text' => $time]));
    }
}
