<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\LabTurn;
use App\Models\Student;
use Hovik\Core\Lab\Turns;
use Illuminate\Database\Eloquent\Collection;

/** Who measures which line of an open lab, where the class goes by name. */
final readonly class StationTurns
{
    /** @param  array<int, array<int, int>>  $given  student by line, by station */
    private function __construct(private Lab $lab, private bool $goesByName, private array $given, private string $today)
    {
    }

    public static function of(Lab $lab): self
    {
        $goesByName = LabWords::goesByName($lab);
        $given = [];
        if ($goesByName) {
            $rows = LabTurn::query()->join('lab_lines', 'lab_lines.id', '=', 'lab_turns.lab_line_id')->where('lab_lines.lab_id', $lab->id)
                ->get(['lab_turns.lab_line_id', 'lab_turns.station_id', 'lab_turns.student_id']);
            foreach ($rows as $turn) {
                $given[$turn->station_id][$turn->lab_line_id] = $turn->student_id;
            }
        }

        return new self($lab, $goesByName, $given, $lab->section->today());
    }

    /**
     * @param  Collection<int, Student>  $students  of the station
     * @param  list<int>  $lines  of the station, in the order in which they are measured
     * @return array<int, int> student by line; empty where whoever is free measures
     */
    public function at(int $station, Collection $students, array $lines): array
    {
        if (! $this->goesByName) {
            return [];
        }
        $here = $students->reject(fn (Student $student): bool => $student->isAway($this->today))->modelKeys();

        return Turns::of($lines, array_values($here), $this->lab->id, $this->given[$station] ?? []);
    }
}
