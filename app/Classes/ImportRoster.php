<?php

declare(strict_types=1);

namespace App\Classes;

use App\Exchange\Roster;
use App\Models\Section;
use App\Models\Student;
use Illuminate\Support\Facades\DB;

/** Adds a roster's students to a class: all of them, or none. */
final class ImportRoster
{
    /**
     * The roster with its faults against this class: a name that is there already is one.
     *
     * @return array{students: list<array{row: int, name: string, number: int|null}>, faults: list<array{row: int, text: string}>}
     */
    public function preview(Section $section, string $text): array
    {
        $roster = Roster::read($text);
        $there = $section->students->map(fn (Student $student): string => mb_strtolower($student->name))->all();
        $taken = $section->students->pluck('roster_number')->all();
        $faults = $roster->faults;
        foreach ($roster->students as $student) {
            if (in_array(mb_strtolower($student['name']), $there, true)) {
                $faults[] = ['row' => $student['row'], 'key' => 'in_class'];
            } elseif ($student['number'] !== null && in_array($student['number'], $taken, true)) {
                $faults[] = ['row' => $student['row'], 'key' => 'number_twice'];
            }
        }

        return ['students' => $roster->students, 'faults' => array_map(static fn (array $fault): array => ['row' => $fault['row'], 'text' => (string) __("roster.{$fault['key']}")], $faults)];
    }

    /** @param  list<array{row: int, name: string, number: int|null}>  $students  without faults */
    public function import(Section $section, array $students): void
    {
        DB::transaction(function () use ($section, $students): void {
            Section::query()->whereKey($section->id)->lockForUpdate()->value('id');
            $taken = $section->students()->pluck('roster_number')->all();
            foreach ($students as $student) {
                $taken[] = $student['number'];
            }
            $next = 0;
            foreach ($students as $student) {
                $number = $student['number'];
                while ($number === null) {
                    $next++;
                    $number = in_array($next, $taken, true) ? null : $next;
                }
                $section->students()->create(['name' => $student['name'], 'roster_number' => $number]);
            }
        });
    }
}
