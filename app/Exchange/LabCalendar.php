<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Lab;
use Illuminate\Support\Carbon;

/** A lab's period as iCalendar (RFC 5545): times in UTC, lines folded at 75 octets. */
final class LabCalendar
{
    public static function write(Lab $lab): string
    {
        $section = $lab->section;
        $at = static fn (string $time): string => Carbon::parse(
            $lab->planned_for->toDateString().' '.$time, $section->kitchen->school->time_zone,
        )->utc()->format('Ymd\THis\Z');
        $lines = [
            'BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Hovik//Labs//EN', 'BEGIN:VEVENT',
            "UID:lab-$lab->id-{$lab->created_at?->getTimestamp()}@hovik",
            'DTSTAMP:'.now()->utc()->format('Ymd\THis\Z'),
            'DTSTART:'.$at($lab->hours()->from), 'DTEND:'.$at($lab->hours()->to),
            'SUMMARY:'.self::escaped($lab->title), 'LOCATION:'.self::escaped($section->kitchen->name),
            'CATEGORIES:'.self::escaped($section->name),
            'END:VEVENT', 'END:VCALENDAR',
        ];

        return implode("\r\n", array_map(self::folded(...), $lines))."\r\n";
    }

    private static function escaped(string $text): string
    {
        return strtr($text, ['\\' => '\\\\', ';' => '\;', ',' => '\,', "\n" => '\n', "\r" => '']);
    }

    private static function folded(string $line): string
    {
        $parts = [];
        while (strlen($line) > 73) {
            $part = mb_strcut($line, 0, 73);
            $parts[] = $part;
            $line = substr($line, strlen($part));
        }

        return implode("\r\n ", [...$parts, $line]);
    }
}
