<?php

declare(strict_types=1);

namespace App\Labs;

use App\Classes\Code;
use App\Exceptions\Refusal;
use App\Live\Live;
use App\Models\Lab;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use Hovik\Core\Lab\LabState;
use Illuminate\Support\Facades\DB;

/**
 * A student who was away makes a closed lab up, alone: at a place of their own with the lines of the station where they sit. They go back
 * to their seat when the teacher says, when they are seated elsewhere, or when the class opens a lab.
 */
final class MakeUp
{
    /** Letters of the seat's name, so that a number and the lab's fit beside it. */
    private const LONGEST = 20;

    /** @throws Refusal where the lab is not over, or they have no seat */
    public function start(Lab $lab, Student $student): void
    {
        if ($lab->state !== LabState::Closed) {
            throw new Refusal('refusal.lab-not-closed');
        }
        $this->end($student);
        $home = $student->station ?? throw new Refusal('refusal.not-seated');
        DB::transaction(static function () use ($lab, $student, $home): void {
            $place = self::placeOf($lab, $home, $student) ?? Station::query()->create([
                'section_id' => $lab->section_id, 'name' => self::called($home, $student)." ($lab->id)", 'code' => Code::ofStation(),
                'position' => Station::IN_NO_LIST, 'bowl_g' => $home->bowl_g, 'makes_up_lab_id' => $lab->id, 'home_id' => $home->id,
            ]);
            $student->update(['station_id' => $place->id]);
        });
        Live::tellSeats($lab->section);
    }

    /** Where they began to make it up before, with what they weighed then. */
    private static function placeOf(Lab $lab, Station $home, Student $student): ?Station
    {
        return Station::query()->where('makes_up_lab_id', $lab->id)->where('name', self::called($home, $student)." ($lab->id)")->first();
    }

    /** The seat and a number: nobody's name is stored twice. */
    private static function called(Station $home, Student $student): string
    {
        return mb_substr($home->name, 0, self::LONGEST)." +$student->roster_number";
    }

    /** Back to their seat; what they weighed stays. */
    public function end(Student $student): void
    {
        if ($student->station?->makes_up_lab_id === null) {
            return;
        }
        $student->update(['station_id' => $student->station->home_id]);
        $student->unsetRelation('station');
        Live::tellSeats($student->section);
    }

    /** Everybody of a class, since it works together now. */
    public function endAll(Section $section): void
    {
        foreach ($section->students()->with('station')->get() as $student) {
            $this->end($student);
        }
    }
}
