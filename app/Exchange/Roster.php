<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Http\Requests\PersonName;

/**
 * Reads a roster as schools have them: names pasted one a line or in one line, surname first or last, with numbers, with mail
 * addresses; a CSV file with a heading; OneRoster's users.csv. Nothing is stored here: what is wrong is said by row, and only a roster
 * without a fault is taken.
 */
final readonly class Roster
{
    /** More than any class; a school's whole list is the wrong file. */
    private const MOST_ROWS = 60;

    private const MOST_BYTES = 4_000_000;

    /**
     * @param  list<array{row: int, name: string, number: int|null}>  $students
     * @param  list<array{row: int, id: string}>  $faults  row 0: the file as a whole; id of the phrasebook
     */
    private function __construct(public array $students, public array $faults)
    {
    }

    /** @param  bool  $isFirstOnly  first names alone, and an initial where two are alike; else whole names */
    public static function read(string $text, bool $isFirstOnly = true): self
    {
        $text = str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text;
        if (strlen($text) > self::MOST_BYTES) {
            return self::refused('refusal.roster-too-large');
        }
        if (! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            return self::refused('refusal.roster-encoding');
        }
        $rows = self::rows($text);
        if ($rows === null) {
            return self::refused('refusal.roster-quotes');
        }
        if ($rows === []) {
            return self::refused('refusal.roster-empty');
        }
        $head = array_map(static fn (string $cell): string => mb_strtolower(trim($cell)), reset($rows));
        $columns = self::columns($head);
        if ($columns !== null) {
            array_shift($rows);
        }
        if (count($rows) > self::MOST_ROWS) {
            return self::refused('refusal.roster-too-many');
        }

        return $columns === null ? self::students(self::withoutHeading($rows), 1, $isFirstOnly)
            : self::students(self::byHeading($rows, $columns), 2, $isFirstOnly);
    }

    /**
     * The classes of a OneRoster classes.csv, by title.
     *
     * @return list<string>|string the titles, or the phrase's id of what is wrong
     */
    public static function classes(string $text): array|string
    {
        $text = str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text;
        if (strlen($text) > self::MOST_BYTES || ! mb_check_encoding($text, 'UTF-8')) {
            return strlen($text) > self::MOST_BYTES ? 'refusal.roster-too-large' : 'refusal.roster-encoding';
        }
        $rows = self::rows($text);
        $head = array_map(static fn (string $cell): string => mb_strtolower($cell), $rows[0] ?? []);
        $title = array_search('title', $head, true);
        if ($rows === null || $title === false) {
            return $rows === null ? 'refusal.roster-quotes' : 'refusal.roster-no-title-column';
        }
        $titles = array_map(static fn (array $cells): string => $cells[$title] ?? '', array_slice($rows, 1));
        $titles = array_values(
            array_unique(array_filter($titles, static fn (string $one): bool => $one !== ''
                    && mb_strlen($one) <= 80
                    && PersonName::fault($one) === null)),
        );

        return $titles === [] || count($titles) > self::MOST_ROWS ? 'refusal.roster-no-classes' : $titles;
    }

    /** @return list<list<string>>|null null when a quotation mark is never closed */
    private static function rows(string $text): ?array
    {
        if (preg_match('~^[^"]*(?:"[^"]*"[^"]*)*+$~D', $text) !== 1) {
            return null;
        }
        $separator = substr_count($text, "\t") > substr_count($text, ',')
                ? "\t"
                : (substr_count($text, ';') > substr_count($text, ',') ? ';' : ',');
        $file = fopen('php://temp', 'r+');
        if ($file === false) {
            return [];
        }
        fwrite($file, str_replace(["\r\n", "\r"], "\n", $text));
        rewind($file);
        $rows = [];
        while (($cells = fgetcsv($file, null, $separator, '"', '')) !== false) {
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), $cells);
            if (implode('', $cells) !== '') {
                $rows[] = $cells;
            }
        }
        fclose($file);

        return $rows;
    }

    /**
     * @param  list<string>  $head
     * @return array{name: int, family: int|null, number: int|null, role: int|null}|null null when there is no heading
     */
    private static function columns(array $head): ?array
    {
        $at = static function (string ...$names) use ($head): ?int {
            foreach ($names as $name) {
                $found = array_search($name, $head, true);
                if ($found !== false) {
                    return $found;
                }
            }

            return null;
        };
        $name = $at(
            'givenname', 'given name', 'first name', 'firstname', 'nombre', 'nombres', 'name', 'student', 'student name', 'estudiante',
            'alumno',
        );

        return $name === null ? null : [
            'name' => $name,
            'family' => $at('familyname', 'family name', 'last name', 'lastname', 'surname', 'apellido', 'apellidos'),
            'number' => $at('number', 'roster number', 'no', 'no.', '#', 'número'),
            'role' => $at('role', 'roles'),
        ];
    }

    /**
     * @param  list<list<string>>  $rows
     * @param  array{name: int, family: int|null, number: int|null, role: int|null}  $columns
     * @return list<RosterName|null> null: a teacher or a guardian of a OneRoster file
     */
    private static function byHeading(array $rows, array $columns): array
    {
        return array_map(static function (array $cells) use ($columns): ?RosterName {
            if ($columns['role'] !== null && ! str_contains(mb_strtolower($cells[$columns['role']] ?? 'student'), 'student')) {
                return null;
            }
            $name = $cells[$columns['name']] ?? '';
            $number = $columns['number'] === null ? '' : trim($cells[$columns['number']] ?? '');
            if ($columns['family'] !== null) {
                return RosterName::of($name, $cells[$columns['family']] ?? '', $number);
            }
            $read = RosterName::read($name);

            return RosterName::of($read->given, $read->family, $number === '' ? $read->number : $number);
        }, $rows);
    }

    /**
     * @param  list<list<string>>  $rows
     * @return list<RosterName>
     */
    private static function withoutHeading(array $rows): array
    {
        $rows = array_map(
            static fn (array $cells): array => array_values(array_filter(
                $cells, static fn (string $cell): bool => $cell !== '' && ! RosterName::isMail($cell),
            )), $rows,
        );
        // All in one line: each cell is a name.
        if (count($rows) === 1 && count($rows[0]) > 1 && array_filter($rows[0], self::isNumber(...)) === []) {
            return array_map(RosterName::read(...), $rows[0]);
        }

        return array_map(static function (array $cells): RosterName {
            $numbers = array_values(array_filter($cells, self::isNumber(...)));
            $names = array_values(array_filter($cells, static fn (string $cell): bool => ! self::isNumber($cell)));
            if (count($names) === 2 && preg_match('~^\p{L}~u', $names[1]) === 1) {
                return RosterName::of($names[1], $names[0], $numbers[0] ?? ''); // surname first
            }
            $read = RosterName::read($names[0] ?? '');

            return RosterName::of($read->given, $read->family, $names[1] ?? $numbers[0] ?? $read->number);
        }, $rows);
    }

    private static function isNumber(string $cell): bool
    {
        return preg_match('~^\d{1,4}[.)]?$~', $cell) === 1;
    }

    /** @param  list<RosterName|null>  $all */
    private static function students(array $all, int $firstRow, bool $isFirstOnly): self
    {
        $students = $faults = $names = $numbers = [];
        foreach ($all as $i => $one) {
            if ($one === null) {
                continue;
            }
            $row = $i + $firstRow;
            $name = $one->shown($isFirstOnly);
            $number = rtrim($one->number, '.)');
            $fault = match (true) {
                $name === '' => 'refusal.roster-no-name',
                mb_strlen($name) > 40 => 'refusal.roster-long-name',
                PersonName::fault($name) !== null => PersonName::fault($name),
                $number !== '' && preg_match('~^\d{1,4}$~', $number) !== 1 => 'refusal.roster-number',
                $number !== '' && isset($numbers[$number]) => 'refusal.roster-number-twice',
                default => null,
            };
            if ($fault !== null) {
                $faults[] = ['row' => $row, 'id' => $fault];

                continue;
            }
            $numbers[$number] = true;
            // As little of a child's name as tells them apart.
            if (isset($names[mb_strtolower($name)])) {
                $name = $one->toldApart();
            }
            if (isset($names[mb_strtolower($name)])) {
                $faults[] = ['row' => $row, 'id' => 'refusal.roster-name-twice'];

                continue;
            }
            $names[mb_strtolower($name)] = true;
            $students[] = ['row' => $row, 'name' => $name, 'number' => $number === '' ? null : (int) $number];
        }

        return $students === [] && $faults === [] ? self::refused('refusal.roster-empty') : new self($students, $faults);
    }

    private static function refused(string $id): self
    {
        return new self([], [['row' => 0, 'id' => $id]]);
    }
}
