<?php

declare(strict_types=1);

namespace Tests;

use App\Labs\OpenLab;
use App\Models\Kitchen;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Weighing;
use Hovik\Core\JsonInput;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;

/** A small school for feature tests: a kitchen with a drawer and two scales, sections with two stations, labs. */
abstract class SchoolTestCase extends TestCase
{
    private int $made = 0;

    public function createApplication(): \Illuminate\Foundation\Application
    {
        $app = require dirname(__DIR__).'/bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->withHeaders(['Accept' => 'application/json', 'Accept-Language' => 'en']);
    }

    public function section(string $name = 'Foods 1'): Section
    {
        $n = ++$this->made;
        $kitchen = Kitchen::query()->create(['school' => 'Tarn Valley Secondary', 'name' => "Kitchen $n", 'time_zone' => 'UTC']);
        foreach (['dry-cup-us-1', 'dry-cup-us-1-2', 'dry-cup-us-1-4', 'spoon-us-1-tsp', 'spoon-us-1-2-tsp', 'liquid-measure-us-1-cup'] as $tool) {
            $kitchen->tools()->create(['catalogue_id' => $tool, 'count' => 2]);
        }
        $kitchen->scales()->createMany([
            ['name' => 'Bench', 'catalogue_id' => 'scale-1g-5kg', 'calibration_g' => 0, 'checked_on' => '2026-11-01'],
            ['name' => 'Coarse', 'catalogue_id' => 'scale-2g-5kg'],
        ]);
        $teacher = Teacher::query()->create(['kitchen_id' => $kitchen->id, 'name' => "Teacher $n", 'email' => "teacher$n@school.example", 'password' => 'flour-and-water']);
        $section = Section::query()->create([
            'kitchen_id' => $kitchen->id, 'teacher_id' => $teacher->id, 'name' => $name, 'code' => 'ABCDE'.chr(64 + $n), 'open_to_join' => true,
            'tolerance_level' => 'practised', 'standard' => 'us_customary', 'shows_target' => false, 'asks_guess' => false, 'methods' => ['stir-spoon-level'], 'starts_at' => '10:05', 'ends_at' => '10:52',
        ]);
        foreach (['Hazel', 'Rowan'] as $i => $station) {
            $made = $section->stations()->create(['name' => $station, 'position' => $i + 1, 'code' => sprintf('%-06s%02d', $station, 10 * $n + $i)]);
            foreach (['Oona', 'Mateus'] as $j => $student) {
                $section->students()->create(['station_id' => $made->id, 'name' => "$student of $station", 'roster_number' => 10 * ($i + 1) + $j]);
            }
        }

        return $section->refresh();
    }

    /** @param  list<array{string, string, string}>  $items */
    public function lab(Section $section, array $items = [['bread-flour', '1 3/4', 'cup'], ['table-salt', '1/2', 'tsp']]): Lab
    {
        $lab = $section->labs()->create(['title' => 'Buns', 'planned_for' => '2026-11-24', 'state' => LabState::Prepared]);
        foreach ($items as $i => [$ingredient, $amount, $unit]) {
            $lab->items()->create(['position' => $i + 1, 'ingredient_id' => $ingredient, 'amount' => Amount::of($amount, Unit::from($unit)), 'strictness' => 'structural']);
        }

        return $lab->refresh();
    }

    public function openLab(?Section $section = null): Lab
    {
        $lab = $this->lab($section ?? $this->section());
        (new OpenLab)->open($lab);

        return $lab->refresh();
    }

    /** As if the line had stood on the common shelf when its lab opened. */
    public function onTheShelf(LabLine $line): void
    {
        $line->update(['frozen' => FrozenLine::fromArray(new JsonInput(['shared' => true] + $line->frozen->toArray()))]);
    }

    public function asTeacher(Teacher $teacher): static
    {
        return $this->actingAs($teacher, 'teacher');
    }

    public function asStudent(Student $student): static
    {
        return $this->actingAs($student, 'student');
    }

    /** A tablet that scanned the card just now. */
    public function asStation(Station $station): static
    {
        return $this->actingAs($station, 'station')->withSession(['station.signed_in_at' => now()->toDateTimeString()]);
    }

    /** Someone else, or nobody: forgets who was signed in. */
    public function asNobody(): static
    {
        $this->app['auth']->forgetGuards();
        $this->flushSession();

        return $this;
    }

    /**
     * @param  array<string, mixed>  $change
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function weigh(LabLine $line, array $change = [], string $ulid = '01JDF8Z9X3M5N7P9Q1R3S5T7V9'): TestResponse
    {
        $lab = $line->lab;
        $station = $lab->section->stations->first();

        return $this->putJson("/api/weighings/$ulid", $change + [
            'line_id' => $line->id,
            'student_id' => $station?->students->first()?->id,
            'scale_id' => $lab->section->kitchen->scales->first()?->id,
            'grams' => '219',
            'ticked' => [],
        ]);
    }

    public function stored(): int
    {
        return Weighing::query()->count();
    }
}
