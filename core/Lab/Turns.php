<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

/** Who measures which line at a station, where the class goes by name: each as often as the others, and another one first each time. */
final class Turns
{
    /**
     * @param  list<int>  $lines  in the order in which they are measured
     * @param  list<int>  $students  at the station and here today, in any fixed order
     * @param  int  $round  which lab it is: the round begins with another student each time
     * @param  array<int, int>  $given  student by line, as the teacher gave them; those who are away count as not given
     * @return array<int, int> student by line; empty where nobody is there
     */
    public static function of(array $lines, array $students, int $round, array $given = []): array
    {
        if ($students === []) {
            return [];
        }
        $start = $round % count($students);
        $seats = $students;
        usort($students, static fn (int $a, int $b): int => self::place($a, $seats, $start) <=> self::place($b, $seats, $start));
        $turns = array_intersect_key(
            array_filter($given, static fn (int $student): bool => in_array($student, $students, true)), array_flip($lines),
        );
        $load = array_count_values($turns) + array_fill_keys($students, 0);
        foreach ($lines as $line) {
            if (! isset($turns[$line])) {
                $next = self::least($load, $students);
                $turns[$line] = $next;
                $load[$next]++;
            }
        }

        return $turns;
    }

    /**
     * Where a student stands in a round that begins elsewhere.
     *
     * @param  list<int>  $students
     */
    private static function place(int $student, array $students, int $start): int
    {
        return ((int) array_search($student, $students, true) - $start + count($students)) % count($students);
    }

    /**
     * @param  array<int, int>  $load  lines by student
     * @param  non-empty-list<int>  $students
     */
    private static function least(array $load, array $students): int
    {
        $least = $students[0];
        foreach ($students as $student) {
            if (($load[$student] ?? 0) < ($load[$least] ?? 0)) {
                $least = $student;
            }
        }

        return $least;
    }
}
