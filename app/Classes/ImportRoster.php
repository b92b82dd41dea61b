<?php

declare(strict_types=1);

namespace App\Classes;

use App\Exchange\Roster;
use App\Http\Views\Classes\RosterFault;
use App\Http\Views\Classes\RosterPreview;
use App\Http\Views\Classes\RosterRow;
use App\Models\Section;
use App\Models\Student;
use App\Words\Said;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Takes a roster into a class: without a fault, all of it. */
final class ImportRoster
{
    /** The roster with its faults against this class: a name that is there already is one. */
    public function preview(Section $section, string $text, bool $isFirstOnly): RosterPreview
    {
        $roster = Roster::read($text, $isFirstOnly);
        $there = $section->students->map(fn (Student $student): string => mb_strtolower($student->name))->all();
        $taken = $section->students->pluck('roster_number')->all();
        $faults = $roster->faults;
        foreach ($roster->students as $student) {
            if (in_array(mb_strtolower($student['name']), $there, true)) {
                $faults[] = ['row' => $student['row'], 'id' => 'refusal.roster-in-class'];
            } elseif ($student['number'] !== null && in_array($student['number'], $taken, true)) {
                $faults[] = ['row' => $student['row'], 'id' => 'refusal.roster-number-twice'];
            }
        }

        return new RosterPreview(
            array_map(static fn (array $one): RosterRow => new RosterRow($one['row'], $one['name'], $one['number']), $roster->students),
            array_map(
                static fn (array $fault): RosterFault => new RosterFault($fault['row'], Said::phrase(Phrase::of($fault['id']))),
                $faults,
            ),
        );
    }

    /** Refuses all of it when there is a fault: a class that took it a moment ago has all its names already. */
    public function import(Section $section, string $text, bool $isFirstOnly): RosterPreview
    {
        return DB::transaction(function () use ($section, $text, $isFirstOnly): RosterPreview {
            Section::query()->whereKey($section->id)->lockForUpdate()->value('id');
            $preview = $this->preview($section->refresh(), $text, $isFirstOnly);
            if ($preview->faults !== []) {
                throw ValidationException::withMessages(
                    ['text' => array_map(static fn (RosterFault $fault): string => $fault->said(), $preview->faults)],
                );
            }
            $this->store($section, $preview->students);

            return $preview;
        });
    }

    /** @param  list<RosterRow>  $students */
    private function store(Section $section, array $students): void
    {
        $taken = [...$section->students()->pluck('roster_number')->all(), ...array_column($students, 'number')];
        $next = 0;
        foreach ($students as $student) {
            $number = $student->number;
            while ($number === null) {
                $next++;
                $number = in_array($next, $taken, true) ? null : $next;
            }
            $section->students()->create(['name' => $student->name, 'roster_number' => $number]);
        }
    }
}
