<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Labs\OpenLab;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Scale;
use App\Models\Section;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Marks\RubricTemplate;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Weighing\Chance;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ScaleReading;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** For `bin/hovik bench term`: one class's term of 30 labs, in which each of 24 students weighs eight lines twice. */
final class BenchTerm extends Seeder
{
    private const LABS = 30;

    private const LINES = [
        ['bread-flour', '1', 'cup'], ['rolled-oats', '3/4', 'cup'], ['whole-milk', '6', 'fl-oz'], ['light-brown-sugar', '1/2', 'cup'],
        ['butter', '3', 'tbsp'], ['honey', '2', 'tbsp'], ['granulated-sugar', '1', 'cup'], ['all-purpose-flour', '1/2', 'cup'],
    ];

    public function run(): void
    {
        $section = Section::query()->oldest('id')->firstOrFail();
        Lab::query()->where('section_id', $section->id)->update(['state' => LabState::Closed, 'closed_at' => now()]);
        foreach ($section->students()->get()->values() as $i => $student) {
            $student->update(['name' => ['=1+1', 'Ñandú Öström', '小明', "D'Arcy; O’Neil", '+Plus'][$i] ?? "Student $i"]);
        }
        $chance = new Chance(20261129);
        for ($i = 0; $i < self::LABS; $i++) {
            $this->hold($section, $i, $chance);
        }
    }

    private function hold(Section $section, int $i, Chance $chance): void
    {
        $day = Carbon::now()->subDays(3 * (self::LABS - $i));
        Carbon::setTestNow($day);
        $lab = $section->labs()->create(['title' => "Lab $i", 'planned_for' => $day->toDateString(), 'state' => LabState::Prepared]);
        foreach (self::LINES as $at => [$food, $amount, $unit]) {
            $lab->items()->create(['position' => $at + 1, 'ingredient_id' => $food, 'amount' => Amount::of($amount, Unit::from($unit))]);
        }
        (new OpenLab)->open($lab->refresh());
        $scale = $section->kitchen->scales->firstOrFail();
        $rows = [];
        foreach ($lab->refresh()->lines as $line) {
            foreach ($section->stations as $station) {
                $attempt = 0;
                foreach ($station->students as $student) {
                    $habit = [0.0, 0.0, 0.12, -0.09][$student->id % 4] * ($line->position % 3 === 0 ? 1 : 0);
                    foreach ([$habit, 0.0] as $off) {
                        $grams = round($line->target()->grams * (1 + $off + 0.02 * $chance->normal()));
                        $rows[] = $this->row($line, $station->id, $student->id, $scale, $grams, ++$attempt, $day);
                    }
                }
            }
        }
        foreach (array_chunk($rows, 200) as $some) {
            DB::table('weighings')->insert($some);
        }
        $lab->update([
            'state' => LabState::Closed, 'closed_at' => $day, 'rubric' => $i === 0 ? RubricTemplate::FourParts->rubric('Four parts') : null,
        ]);
        Carbon::setTestNow();
    }

    /** @return array<string, mixed> */
    private function row(LabLine $line, int $station, int $student, Scale $scale, float $grams, int $attempt, Carbon $day): array
    {
        $judged = Judge::judge($line->target(), ScaleReading::of(max(1.0, $grams), $scale->toCore()), $line->frozen->expectedG());

        return [
            'id' => (string) Str::ulid(), 'lab_line_id' => $line->id, 'station_id' => $station, 'student_id' => $student,
            'scale_id' => $scale->id, 'attempt' => $attempt, 'grams' => $grams, 'readability_g' => 1, 'verdict' => $judged->verdict->value,
            'error_g' => $judged->errorG, 'error_pct' => $judged->errorPct, 'scale_u_g' => $judged->uncertaintyG, 'ticked' => '[]',
            'judgement' => json_encode($judged->toArray(), JSON_THROW_ON_ERROR), 'created_at' => $day->format('Y-m-d H:i:s.v'),
        ];
    }
}
