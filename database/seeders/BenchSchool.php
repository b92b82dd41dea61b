<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Labs\OpenLab;
use App\Models\Kitchen;
use App\Models\School;
use App\Models\Section;
use App\Models\Teacher;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** For `bin/hovik bench`: several classes as large as the demo's, each with its lab open, and the bare route's table. */
final class BenchSchool extends Seeder
{
    /** Classes, stations of each, and lines: those of `bench http`, unless the bench says otherwise. */
    private int $classes = 4;

    private int $stations = 6;

    private int $lines = 8;

    public const PASSWORD = 'bench-and-flour';

    private const LINES = [
        ['bread-flour', '1 3/4', 'cup'], ['rolled-oats', '3/4', 'cup'], ['whole-milk', '6', 'fl-oz'], ['light-brown-sugar', '1/2', 'cup'],
        ['butter', '3', 'tbsp'], ['honey', '2', 'tbsp'], ['cardamom', '1 1/2', 'tsp'], ['confectioners-sugar', '1/2', 'cup'],
        ['granulated-sugar', '1', 'cup'], ['table-salt', '1/2', 'tsp'], ['baking-powder', '2', 'tsp'], ['water', '1/2', 'cup'],
        ['vegetable-oil', '1/4', 'cup'], ['cornmeal', '1/2', 'cup'],
    ];

    public function run(): void
    {
        $asked = static fn (string $name, int $usual): int => is_numeric(getenv($name)) ? (int) getenv($name) : $usual;
        $this->classes = $asked('HOVIK_BENCH_LABS', $this->classes);
        $this->stations = $asked('HOVIK_BENCH_STATIONS', $this->stations);
        $this->lines = $asked('HOVIK_BENCH_LINES', $this->lines);
        DB::statement('CREATE TABLE IF NOT EXISTS bench_bare (id CHAR(26) CHARACTER SET ascii PRIMARY KEY, grams DECIMAL(9,3) NOT NULL)');
        for ($class = 1; $class <= $this->classes; $class++) {
            (new OpenLab)->open($this->section($class)->labs()->sole());
        }
    }

    private function section(int $class): Section
    {
        $school = School::query()->firstOrCreate(['name' => 'Bench'], ['time_zone' => 'UTC']);
        $kitchen = Kitchen::query()->create(['school_id' => $school->id, 'name' => "Kitchen $class"]);
        foreach ([
            'dry-cup-us-1-4', 'dry-cup-us-1-2', 'dry-cup-us-1', 'spoon-us-1-2-tsp', 'spoon-us-1-tsp', 'spoon-us-1-tbsp',
            'liquid-measure-us-1-cup',
        ] as $tool) {
            $kitchen->tools()->create(['catalogue_id' => $tool, 'count' => $this->stations]);
        }
        $kitchen->scales()->create(['name' => 'Table', 'catalogue_id' => 'scale-1g-5kg']);
        $teacher = Teacher::query()->create(
            [
                'kitchen_id' => $kitchen->id, 'name' => "Teacher $class", 'email' => "bench$class@school.example",
                'password' => Hash::make(self::PASSWORD),
            ],
        );
        $section = Section::query()->create([
            'kitchen_id' => $kitchen->id, 'teacher_id' => $teacher->id, 'name' => "Bench $class", 'code' => sprintf('BEN%03d', $class),
            'methods' => ['stir-spoon-level', 'packed-firm'], 'starts_at' => '10:05', 'ends_at' => '10:52',
        ]);
        $lab = $section->labs()->create(['title' => 'Bench', 'planned_for' => now()->toDateString()]);
        foreach (array_slice(self::LINES, 0, $this->lines) as $i => [$ingredient, $amount, $unit]) {
            $lab->items()->create(
                ['position' => $i + 1, 'ingredient_id' => $ingredient, 'amount' => Amount::of($amount, Unit::from($unit))],
            );
        }
        for ($number = 1; $number <= $this->stations; $number++) {
            $station = $section->stations()->create(
                ['name' => "Station $number", 'position' => $number, 'code' => sprintf('B%03d%02dXY', $class, $number)],
            );
            for ($student = 1; $student <= 4; $student++) {
                $section->students()->create(
                    ['station_id' => $station->id, 'name' => "Student $number.$student", 'roster_number' => 10 * $number + $student],
                );
            }
        }

        return $section->refresh();
    }
}
