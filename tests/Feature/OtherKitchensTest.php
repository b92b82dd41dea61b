<?php

declare(strict_types=1);

use App\Models\Kitchen;
use App\Models\Scale;
use App\Models\School;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Tests\SchoolTestCase;

// The whole thread, from a pasted recipe to an explained weight, in kitchens that are not the demo's.

const METRIC_DRAWER = [
    'dry-cup-metric-60-ml', 'dry-cup-metric-80-ml', 'dry-cup-metric-125-ml', 'dry-cup-metric-250-ml', 'spoon-metric-1-25-ml',
    'spoon-metric-2-5-ml', 'spoon-metric-5-ml', 'spoon-metric-15-ml', 'liquid-measure-metric-500-ml',
];

/**
 * A class with a kitchen of its own: one scale of 0.1 g, two stations of one each.
 *
 * @param  list<string>  $drawer
 * @param  list<string>  $students
 */
function classWith(string $standard, array $drawer, array $students = ['Ñandú Öström', "D'Arcy O’Neil-Smythe"]): Section
{
    $kitchen = Kitchen::factory()->for(School::factory()->state(['time_zone' => 'Europe/Madrid']))->create(['name' => 'Küche „B“']);
    foreach ($drawer as $id) {
        $kitchen->tools()->create(['catalogue_id' => $id, 'count' => 2]);
    }
    $kitchen->scales()->create(['name' => 'Báscula', 'catalogue_id' => 'scale-0-1g-500g']);
    $teacher = Teacher::factory()->for($kitchen)->create(['email' => 'docente@escuela.example']);
    $section = Section::factory()->for($kitchen)->for($teacher)->create([
        'name' => 'Cocina 1 — «tarde»', 'code' => 'COCINA', 'standard' => $standard,
    ]);
    foreach ($students as $i => $name) {
        $station = Station::factory()->for($section)->create(['name' => "Mesa $i", 'position' => $i + 1, 'code' => "MESA{$i}234"]);
        Student::factory()->for($section)->for($station)->create(['name' => $name, 'roster_number' => $i + 1]);
    }

    return $section->refresh();
}

/** Pastes, makes a lab for each station and opens it. @return array<string, mixed> the board */
function opensLab(SchoolTestCase $test, Section $section, string $text): array
{
    $test->asNobody()->asTeacher($section->teacher);
    $recipe = $test->postJson('/api/recipes', ['text' => $text])->assertCreated()->json('id');
    $lab = $test->postJson(
        "/api/recipes/$recipe/labs", ['section' => $section->id, 'planned_for' => '2026-11-30', 'for' => 'station'],
    )->assertCreated()->json('id');
    $test->postJson("/api/labs/$lab/open")->assertNoContent();

    return $test->getJson("/api/labs/$lab/board")->assertOk()->json();
}

/** @return array<string, mixed> the verdict of this line's weight at the first station */
function weighs(SchoolTestCase $test, Section $section, int $line, string $grams, string $ulid): array
{
    $station = $section->stations->first();
    $test->asNobody()->asStation($station);

    return $test->putJson("/api/weighings/$ulid", [
        'line_id' => $line, 'student_id' => $station->students->first()->id, 'scale_id' => Scale::query()->sole()->id,
        'grams' => $grams, 'ticked' => [],
    ])->assertCreated()->json();
}

it('weighs in a class with a cup of another standard', function (string $standard, array $drawer, float $target, string $tools) {
    $section = classWith($standard, $drawer);
    $board = opensLab($this, $section, "Pan\n1 cup bread flour\n1 tbsp honey");
    [$flour, $honey] = $board['lines'];
    expect($flour['target_g'])->toEqualWithDelta($target, 0.01);
    $this->asNobody()->asStation($section->stations->first());
    $line = collect($this->getJson('/api/work')->assertOk()->json('lines'))->firstWhere('id', $flour['id']);
    expect($line['fetch'][0])->toBe($tools);
    $level = weighs($this, $section, $flour['id'], number_format($target, 1, '.', ''), '01JDF8Z9X3M5N7P9Q1R3S5T7V1');
    expect($level['verdict'])->toBe('level')->and($level['target_g'])->toEqualWithDelta($target, 0.01);
    $dipped = weighs($this, $section, $flour['id'], number_format(1.25 * $target, 1, '.', ''), '01JDF8Z9X3M5N7P9Q1R3S5T7V2');
    expect($dipped['verdict'])->toBe('heaped')->and($dipped['attempt'])->toBe(2);
    $causes = $this->getJson('/api/weighings/01JDF8Z9X3M5N7P9Q1R3S5T7V2/causes')->assertOk()->json('causes');
    expect($causes)->not->toBe([]);
    expect(weighs($this, $section, $honey['id'], '60', '01JDF8Z9X3M5N7P9Q1R3S5T7V3')['verdict'])->toBe('heaped');
})->with([
    'US' => ['us_customary', ['dry-cup-us-1', 'spoon-us-1-tbsp'], 125.0, 'the 1-cup measuring cup'],
    'label' => ['us_label_240', ['dry-cup-us-1', 'spoon-us-1-tbsp'], 126.80, 'the 1-cup measuring cup'],
    'metric' => ['metric_250', METRIC_DRAWER, 132.09, 'the 250 mL measuring cup'],
    'Australian' => ['au', [...METRIC_DRAWER, 'spoon-au-20-ml'], 132.09, 'the 250 mL measuring cup'],
]);

it('speaks Spanish from paste to verdict, in a metric class with names of all sorts', function () {
    $section = classWith('metric_250', METRIC_DRAWER);
    $this->withHeaders(['Accept-Language' => 'es']);
    $board = opensLab($this, $section, "Pan de mesa\n2 cups bread flour\n250 ml whole milk\n1/2 tsp table salt\n2 eggs");
    expect(array_column($board['lines'], 'name'))->toContain('Harina para pan');
    $flour = $board['lines'][0];
    $this->asNobody()->asStation($section->stations->first());
    $work = $this->getJson('/api/work')->assertOk()->assertJsonPath('students.0.name', 'Ñandú Öström')->json();
    $line = collect($work['lines'])->firstWhere('id', $flour['id']);
    expect($line['name'])->toBe('Harina para pan')->and($line['named'])->toBe('harina para pan')->and($line['amount'])->toBe('2 tazas');
    foreach ($work['lines'] as $each) {
        foreach ($each['steps'] as $step) {
            expect($step['text'])->not->toMatch('~\b(the|and|with)\b~')->not->toBe('');
        }
    }
    $heaped = weighs($this, $section, $flour['id'], '330', '01JDF8Z9X3M5N7P9Q1R3S5T7V1');
    expect($heaped['verdict'])->toBe('heaped')->and($heaped['working'][0])->toContain('en 1 taza');
    $causes = $this->getJson('/api/weighings/01JDF8Z9X3M5N7P9Q1R3S5T7V1/causes')->assertOk()->json();
    expect(json_encode($causes, JSON_UNESCAPED_UNICODE))->not->toMatch('~\b(the|tool|cup|scale)\b~');
    $this->putJson('/api/weighings/01JDF8Z9X3M5N7P9Q1R3S5T7V9', ['grams' => 'mucho'])->assertUnprocessable();
    $this->asNobody()->getJson('/api/work')->assertUnauthorized()->assertJsonPath(
        'message', 'Se cerró tu sesión. Entra otra vez; lo que escribiste se guarda.',
    );
});

it('says what is missing in a school that has nothing yet', function () {
    $section = classWith('us_customary', [], []);
    $section->kitchen->scales()->delete();
    $this->asTeacher($section->teacher);
    foreach ([
        '/api/today', '/api/drawer', '/api/pantry', '/api/recipes', '/api/chart', "/api/sections/$section->id",
        "/api/sections/$section->id/practice",
    ] as $url) {
        $this->getJson($url)->assertOk();
    }
    $recipe = $this->postJson('/api/recipes', ['text' => "Pan\n1 cup bread flour"])->assertCreated()->json('id');
    $lab = $this->postJson(
        "/api/recipes/$recipe/labs", ['section' => $section->id, 'planned_for' => '2026-11-30', 'for' => 'class'],
    );
    $lab = $lab->assertCreated()->json('id');
    $warnings = array_column($this->getJson("/api/labs/$lab/sheet")->assertOk()->json('lines.0.warnings'), 'id');
    expect($warnings)->toContain('no-tool')->toContain('no-scale');
    $this->getJson("/api/labs/$lab/period")->assertSuccessful();
});

it('holds forty lines at once', function () {
    $section = classWith(
        'us_customary',
        ['dry-cup-us-1', 'dry-cup-us-1-2', 'dry-cup-us-1-4', 'spoon-us-1-tbsp', 'spoon-us-1-tsp', 'liquid-measure-us-2-cup'],
    );
    $foods = [
        'bread flour', 'cake flour', 'granulated sugar', 'rolled oats', 'honey', 'whole milk', 'butter', 'table salt', 'baking powder', 'cornstarch',
    ];
    $lines = [];
    for ($i = 0; $i < 40; $i++) {
        $lines[] = ['1/2 cup', '1 cup', '1/4 cup', '2 tbsp'][$i % 4].' '.$foods[$i % 10];
    }
    $board = opensLab($this, $section, "Everything\n".implode("\n", $lines));
    expect($board['lines'])->toHaveCount(40);
    foreach (array_slice($board['lines'], 0, 10) as $n => $line) {
        $judged = weighs(
            $this, $section, $line['id'], number_format(max(0.1, $line['target_g']), 1, '.', ''),
            sprintf('01JDF8Z9X3M5N7P9Q1R3S5T8%02d', $n),
        );
        expect($judged['verdict'])->toBeIn(['level', 'too-close'], $line['name']);
    }
    $this->asNobody()->asTeacher($section->teacher);
    $this->getJson("/api/labs/{$board['lab']['id']}/period")->assertOk();
    $this->getJson("/api/labs/{$board['lab']['id']}/paper")->assertOk();
    $this->postJson("/api/labs/{$board['lab']['id']}/close")->assertNoContent();
});

it('takes names as people have them, and shows them back letter by letter', function (string $name) {
    $section = classWith('us_customary', ['dry-cup-us-1']);
    $this->asTeacher($section->teacher);
    $student = $section->students->first();
    $this->putJson(
        "/api/sections/$section->id/students/$student->id", ['name' => $name, 'station_id' => $student->station_id],
    )->assertNoContent();
    $this->asNobody()->asStation($section->stations->first());
    $this->getJson('/api/work')->assertOk()->assertJsonPath('students.0.name', $name);
})->with(['Łukasz', 'Nguyễn Thị', 'علي', '李小龍', "O'Neil", 'Jean-Luc', 'Zoë 🎂', 'Ng', 'María José de la O']);

it('opens a recipe of US units in every class, says whose they are, and keeps it when the class changes its cup', function (string $standard) {
    $drawer = $standard === 'us_customary' || $standard === 'us_label_240'
        ? ['dry-cup-us-1', 'dry-cup-us-1-2', 'spoon-us-1-tbsp', 'spoon-us-1-tsp', 'liquid-measure-us-2-cup']
        : [...METRIC_DRAWER, 'spoon-au-20-ml', 'spoon-us-1-tbsp', 'spoon-us-1-tsp', 'liquid-measure-metric-1-l'];
    $section = classWith($standard, $drawer);
    $board = opensLab(
        $this, $section,
        "Pan\n6 fl oz whole milk\n1 pint water\n1 quart orange juice\n2 sticks butter\n3/4 cup bread flour\na pinch of salt",
    );
    expect($board['lines'])->not->toBe([]);
    $this->asNobody()->asTeacher($section->teacher);
    $lab = $board['lab']['id'];
    $sheet = fn (): array => $this->getJson("/api/labs/$lab/sheet")->assertOk()->json('lines');
    $before = $sheet();
    $borrowed = implode(' ', $before[0]['working']);
    expect(str_contains($borrowed, 'is the US one'))->toBe(! str_starts_with($standard, 'us_'));
    $recipe = $this->getJson('/api/recipes')->json('0.id');
    foreach (['us_customary', 'us_label_240', 'metric_250', 'au'] as $other) {
        $section->update(['standard' => $other]);
        $lines = $this->getJson("/api/recipes/$recipe")->assertOk()->json('lines');
        expect(array_column($lines, 'text'))->toHaveCount(6)->and($sheet())->toBe($before); // an opened lab never changes
        $this->postJson(
            "/api/recipes/$recipe/labs", ['section' => $section->id, 'planned_for' => '2026-12-01', 'for' => 'class'],
        )->assertCreated();
    }
})->with(['us_customary', 'us_label_240', 'metric_250', 'au']);

it('says on the lab\'s page why it is no plainer plan, and what would help', function () {
    $section = classWith('us_customary', ['dry-cup-us-1-4', 'liquid-measure-us-2-cup', 'spoon-us-1-tbsp']);
    $board = opensLab($this, $section, "Pan\n2 cups bread flour\n5 cups whole milk");
    $this->asNobody()->asTeacher($section->teacher);
    [$flour, $milk] = $this->getJson("/api/labs/{$board['lab']['id']}/sheet")->json('lines');
    expect($flour['plan'])->toBe('8 × 1/4 cup')->and($flour['notes'])->toBe([
        '8 fills are easy to miscount: weighing 250 g is safer.', 'With the 1-cup measuring cup it would be plain.',
    ])->and($milk['plan'])->toBe('2 × the 2-cup liquid measuring cup, to the 2-cup line + the 2-cup liquid measuring cup, to the 1-cup line')
        ->and($milk['notes'])->toBe(['Too much for one pour: the top line of the 2-cup liquid measuring cup is 2 cups.']);
    $spanish = $this->getJson("/api/labs/{$board['lab']['id']}/sheet", ['Accept-Language' => 'es'])->json('lines.0.notes');
    expect($spanish)->toBe([
        '8 medidas se cuentan mal con facilidad: pesar 250 g es más seguro.', 'Con la taza medidora de 1 taza sería sencillo.',
    ]);
});
