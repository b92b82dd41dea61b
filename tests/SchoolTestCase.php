<?php

declare(strict_types=1);

namespace Tests;

use App\Auth\Door;
use App\Labs\OpenLab;
use App\Models\Kitchen;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Weighing;
use Closure;
use Hovik\Core\JsonInput;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;
use Illuminate\Auth\SessionGuard;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use ReflectionFunction;

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
        Storage::fake('pictures');
        $this->withHeaders(['Accept' => 'application/json', 'Accept-Language' => 'en']);
    }

    public function section(string $name = 'Foods 1'): Section
    {
        $n = ++$this->made;
        $kitchen = Kitchen::factory()->equipped()->create(['name' => "Kitchen $n"]);
        $teacher = Teacher::factory()->for($kitchen)->create(['name' => "Teacher $n", 'email' => "teacher$n@school.example"]);
        $section = Section::factory()->for($kitchen)->for($teacher)->create(['name' => $name, 'code' => 'ABCDE'.chr(64 + $n)]);
        foreach (['Hazel', 'Rowan'] as $i => $station) {
            $code = sprintf('%-06s%02d', $station, 10 * $n + $i);
            $made = Station::factory()->for($section)->create(['name' => $station, 'position' => $i + 1, 'code' => $code]);
            foreach (['Oona', 'Mateus'] as $j => $student) {
                Student::factory()->for($section)->for($made)->create(
                    ['name' => "$student of $station", 'roster_number' => 10 * ($i + 1) + $j],
                );
            }
        }

        return $section->refresh();
    }

    /** @param  list<array{string, string, string}>  $items */
    public function lab(Section $section, array $items = [['bread-flour', '1 3/4', 'cup'], ['table-salt', '1/2', 'tsp']]): Lab
    {
        $lab = $section->labs()->create(['title' => 'Buns', 'planned_for' => '2026-11-24', 'state' => LabState::Prepared]);
        foreach ($items as $i => [$ingredient, $amount, $unit]) {
            $lab->items()->create(
                [
                    'position' => $i + 1, 'ingredient_id' => $ingredient, 'amount' => Amount::of($amount, Unit::from($unit)),
                    'strictness' => 'structural',
                ],
            );
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
        return $this->actingAs($teacher, 'teacher')->withSession(Door::stampOf('teacher', $teacher));
    }

    public function asStudent(Student $student): static
    {
        return $this->actingAs($student, 'student')->withSession(Door::stampOf('student', $student));
    }

    /** A tablet that scanned the card just now. */
    public function asStation(Station $station): static
    {
        return $this->actingAs($station, 'station')->withSession(['station.signed_in_at' => now()->toDateTimeString()] + Door::stampOf('station', $station));
    }

    /** Someone else, or nobody: forgets who was signed in. */
    public function asNobody(): static
    {
        $this->app['auth']->forgetGuards();
        // The container goes on telling guards nobody has any more of each request: half of the time, where many come and go.
        (function (): void {
            $this->reboundCallbacks['request'] = array_filter(
                $this->reboundCallbacks['request'] ?? [],
                static fn (Closure $told): bool => ! ((new ReflectionFunction($told))->getStaticVariables()['target'] ?? null) instanceof SessionGuard,
            );
        })->call($this->app);
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

    /** @return array{copies: list<array{section: int, planned_for: string}>} one copy for the lab's own class */
    public function copies(Lab $lab): array
    {
        return ['copies' => [['section' => $lab->section_id, 'planned_for' => '2026-12-03']]];
    }

    public function stored(): int
    {
        return Weighing::query()->count();
    }
}
