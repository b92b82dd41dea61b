<?php

declare(strict_types=1);

namespace Hovik\Core\Calendar;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** Reads a list of bells as handbooks print them, a period a line: `Period 4: 10:05-10:52`, `4 | 1:05 PM | 1:52 PM`. */
final class BellReader
{
    private const TIME = '(?<![\d:])(\d{1,2})[:.h]([0-5]\d)(?!\d)\s*([ap])?\.?\s*(?:m\b\.?)?';

    /** A word for 'period' says nothing: the same period may be `Period 4` in one list and `4` in another. */
    private const PERIOD = '/^(?:period|per\.?|p\.?|hour|periodo|período|hora)\s+(?=\S)/iu';

    private const SIGNS = '/[\s,;:()\x{2013}\x{2014}-]+/u';

    private const BETWEEN = '/^(?:to|a|until)$|\s(?:from|de)$/iu';

    /** Nobody is taught before seven: an hour from 1 to 6 that says no more is in the afternoon. */
    private const EARLIEST = 7;

    /**
     * @return array<string, Hours> by the period's name, in the order of the list
     *
     * @throws InvalidInput naming `$field`
     */
    public static function read(string $text, string $field): array
    {
        $periods = [];
        foreach ((array) preg_split('/\R/u', trim($text)) as $line) {
            $line = (string) $line;
            if (trim($line) === '') {
                continue;
            }
            $times = preg_match_all('/'.self::TIME.'/iu', $line, $read, PREG_SET_ORDER);
            $name = self::name((string) preg_replace('/'.self::TIME.'/iu', '|', $line));
            if ($times !== 2 || $name === '' || mb_strlen($name) > BellSchedule::LONGEST) {
                throw InvalidInput::because($field, Phrase::of('refusal.bell-line', ['text' => mb_substr(trim($line), 0, 60)]));
            }
            if (isset($periods[$name])) {
                throw InvalidInput::because($field, Phrase::of('refusal.bell-twice', ['name' => $name]));
            }
            $periods[$name] = self::hours(self::time($read[0]), self::time($read[1]), $field);
        }

        return $periods;
    }

    /** What is left of a line beside its times and the words between them. */
    private static function name(string $rest): string
    {
        foreach (explode('|', $rest) as $part) {
            $part = trim((string) preg_replace([self::SIGNS, self::BETWEEN], [' ', ''], trim($part, " \t-:")));
            if ($part !== '') {
                return (string) preg_replace(self::PERIOD, '', $part);
            }
        }

        return '';
    }

    /** @param  array<array-key, string>  $read */
    private static function time(array $read): string
    {
        $hour = (int) $read[1];
        $half = strtolower($read[3] ?? '');
        if ($half === 'p' || ($half === '' && $hour < self::EARLIEST)) {
            $hour = $hour < 12 ? $hour + 12 : $hour;
        } elseif ($half === 'a' && $hour === 12) {
            $hour = 0;
        }

        return sprintf('%02d:%s', $hour, $read[2]);
    }

    private static function hours(string $from, string $to, string $field): Hours
    {
        try {
            return Hours::of($from, $to);
        } catch (InvalidInput $refused) {
            throw InvalidInput::because($field, $refused->phrase);
        }
    }
}
