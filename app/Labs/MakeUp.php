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
    /** @throws Refusal where the lab is not over, or they have no seat */
    public function start(Lab $lab, Student $student): void
    {
        if ($lab->state !== LabState::Closed) {
            throw new Refusal('refusal.lab-not-closed');
        }
        $this->end($student);
        $home = $student->station ?? throw new Refusal('refusal.not-seated');
        DB::transaction(static function () use ($lab, $student, $home): void {
            $name = "$home->name +$student->roster_number";
            $same = Station::query()->where('section_id', $lab->section_id)->whereLike('name', "$name%")->count();
            $place = Station::query()->create([
                'section_id' => $lab->section_id, 'name' => $same === 0 ? $name : "$name.$same", 'code' => Code::ofStation(),
                'position' => Station::IN_NO_LIST, 'bowl_g' => $home->bowl_g, 'makes_up_lab_id' => $lab->id, 'home_id' => $home->id,
            ]);
            $student->update(['station_id' => $place->id]);
        });
        Live::tellSeats($lab->section);
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
