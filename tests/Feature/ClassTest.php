<?php

declare(strict_types=1);

use App\Models\Section;
use App\Models\Student;
use App\Models\Teacher;
use Hovik\Core\Technique\Step;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

beforeEach(function () {
    $this->class = $this->section();
    $this->asTeacher($this->class->teacher);
    $this->url = "/api/sections/{$this->class->id}";
    $this->settings = fn (array $change = []): array => $change + [
        'name' => 'Foods 1', 'starts_at' => '09:00', 'ends_at' => '09:47', 'standard' => 'metric_250', 'tolerance_level' => 'exacting',
        'methods' => ['dip-sweep'], 'schools' => ['top-read' => 'trusted'], 'shows_target' => true, 'asks_guess' => true,
        'asks_prediction' => true, 'open_to_join' => false,
    ];
});

it('makes a class, and sets it up', function () {
    $id = $this->postJson(
        '/api/sections', ['name' => 'Foods 2', 'starts_at' => '11:00', 'ends_at' => '11:47'],
    )->assertCreated()->json('id');
    expect(Section::query()->find($id)?->code)->toMatch('/^[B-Z]{6}$/');
    $this->putJson($this->url, ($this->settings)())->assertNoContent();
    $this->getJson($this->url)->assertOk()->assertJsonPath('settings.standard', 'metric_250')->assertJsonPath('settings.shows_target', true)
        ->assertJsonPath('schools.0.methods.2.chosen', true)->assertJsonCount(2, 'stations')->assertJsonCount(4, 'students');
});

it('says what another house method would change', function () {
    $methods = $this->getJson($this->url)->json('schools.0.methods');
    expect($methods[0]['effect'])->toBe('125 g in a cup of All-purpose flour, as now')
        ->and($methods[1]['effect'])->toContain('targets fall by 10 g a cup')
        ->and($methods[2]['effect'])->toContain('targets rise by 13 g a cup');

    $lumpy = array_column($this->getJson($this->url)->json('questions'), null, 'id')['lumpy-powders']['answers'];
    expect(array_column($lumpy, 'chosen'))->toBe([true, false])
        ->and($lumpy[1]['text'])->toBe('Sift, then spoon: 100 g a cup');
});

it('levels and sifts the way the class settled on, in a lab opened after', function () {
    $this->putJson($this->url, ($this->settings)(['methods' => [], 'schools' => ['levelling' => 'knife-back']]))->assertNoContent();
    $lab = $this->openLab($this->class->refresh());
    expect($lab->lines->first()->frozen->steps())->toContain(Step::SweepKnife)->not->toContain(Step::SweepLevel);

    $this->asNobody()->asStation($this->class->stations->first());
    $this->weigh($lab->lines->first(), ['ticked' => ['sweep-level']])->assertUnprocessable()->assertJsonValidationErrors('ticked');
    $this->weigh($lab->lines->first(), ['ticked' => ['sweep-knife']])->assertCreated();
});

it('refuses settings that make no sense', function (array $change, string $field) {
    $this->putJson($this->url, ($this->settings)($change))->assertUnprocessable()->assertJsonValidationErrors($field);
    expect($this->class->refresh()->name)->toBe('Foods 1')->and($this->class->standard->value)->toBe('us_customary');
})->with([
    [['standard' => 'imperial'], 'standard'], [['ends_at' => '08:00'], 'ends_at'], [['methods' => ['shake']], 'methods.0'],
    [['schools' => ['top-read' => 'maybe']], 'schools.top-read'], [['schools' => ['ovens' => 'no']], 'schools.ovens'],
    [['name' => ''], 'name'], [['tolerance_level' => 'lax'], 'tolerance_level'],
]);

it('takes a roster pasted, as CSV, and as OneRoster users, whole', function (string $text, array $names, bool $isFirstOnly = true) {
    $this->class->students()->delete();
    $this->postJson(
        "$this->url/roster", ['text' => $text, 'look' => true, 'first_names' => $isFirstOnly],
    )->assertOk()->assertJsonPath('faults', [])->assertJsonCount(count($names), 'students');
    expect($this->class->students()->count())->toBe(0);
    $this->postJson("$this->url/roster", ['text' => $text, 'look' => false, 'first_names' => $isFirstOnly])->assertOk();
    expect($this->class->students()->pluck('name')->all())->toBe($names);
})->with([
    'pasted' => ["Ilka\nBram\n\nNoor  Anne", ['Ilka', 'Bram', 'Noor']],
    'whole names' => ["Ilka Norr\nSand, Bram", ['Ilka Norr', 'Bram Sand'], false],
    'surname first' => ["Norr, Ilka\nSand, Ilka\nde la Cruz, Ana María", ['Ilka', 'Ilka S.', 'Ana María']],
    'surname first, by tabs' => ["Norr\tIlka\tilka@school.example\nSand\tBram\tbram@school.example", ['Ilka', 'Bram']],
    'semicolons and numbers' => ["3;Norr;Ilka\n1;Sand;Bram", ['Bram', 'Ilka']],
    'a numbered list' => ["1. Ilka Norr\n2) Bram Sand\n3 Noor", ['Ilka', 'Bram', 'Noor']],
    'with mail' => ["Ilka Norr <ilka@school.example>\nbram@school.example, Bram", ['Ilka', 'Bram']],
    'in one line' => ['Ilka, Bram, Noor', ['Ilka', 'Bram', 'Noor']],
    'a Spanish heading' => ["Apellidos;Nombre;Correo\nNorr;Ilka;i@school.example", ['Ilka']],
    'pasted with numbers' => ["Ilka\t3\nBram\t1", ['Bram', 'Ilka']],
    'CSV' => ["\xEF\xBB\xBFName;Number\r\n\"Ilka\";7\r\nBram;8\r\n", ['Ilka', 'Bram']],
    'names alike' => ["First name,Last name\nIlka,Norr\nIlka,Sand", ['Ilka', 'Ilka S.']],
    'OneRoster' => [
        "\"sourcedId\",\"status\",\"enabledUser\",\"role\",\"username\",\"givenName\",\"familyName\"\n\"1\",\"active\",\"true\",\"student\",\"u1\",\"Ilka\",\"Norr\"\n\"2\",\"active\",\"true\",\"teacher\",\"u2\",\"Otto\",\"Berg\"\n",
        ['Ilka'],
    ],
]);

it('refuses a bad roster by row and takes nothing of it', function (string $text, string $says) {
    $before = $this->class->students()->count();
    $coded = ! mb_check_encoding($text, 'UTF-8') ? ['text' => base64_encode($text), 'coded' => true] : ['text' => $text];
    $this->postJson("$this->url/roster", $coded + ['look' => true, 'first_names' => false])->assertOk();
    $errors = $this->postJson("$this->url/roster", $coded + ['look' => false, 'first_names' => false])->assertUnprocessable()->json('errors.text');
    expect(implode(' | ', $errors))->toContain($says)->and($this->class->students()->count())->toBe($before);
})->with([
    'formula' => ["Name\nIlka\n=HYPERLINK(\"x\")", 'Row 3: This begins like a formula'],
    'plus' => ["Ilka\n+1", 'Row 2: This begins like a formula'],
    'HTML' => ["Ilka\n<b>Bram</b>", 'Row 2: The name has characters'],
    'quotes' => ["Name\n\"Ilka\nBram", 'missing its pair'],
    'encoding' => ["Name\nJos\xE9", 'not in UTF-8'],
    'many' => [implode("\n", array_map(fn (int $i): string => "Student $i", range(1, 9_000))), 'more than 60'],
    'too much' => [str_repeat("Student\n", 600_000), 'too large'],
    'school' => [implode("\n", array_map(fn (int $i): string => "S$i", range(1, 61))), 'more than 60'],
    'twice' => ["Ilka\nIlka", 'Row 2: That name is there twice'],
    'there already' => ["Ilka\nOona of Hazel", 'Row 2: That name is already in the class'],
    'number' => ["Name,Number\nIlka,abc", 'Row 2: The number must be'],
    'long' => [str_repeat('a', 41), 'Row 1: The name is longer'],
    'empty' => ["Name,Number\n", 'no names'],
]);

it('seats students, resets a PIN, renews codes', function () {
    [$hazel, $rowan] = $this->class->stations->all();
    $oona = $hazel->students->first();
    $this->putJson(
        "$this->url/students/{$oona->id}", ['name' => 'Oona', 'station_id' => $rowan->id],
    )->assertNoContent();
    expect($oona->refresh()->station_id)->toBe($rowan->id)->and($oona->name)->toBe('Oona');
    [$classCode, $stationCode] = [$this->class->code, $hazel->code];
    $this->postJson("$this->url/code")->assertNoContent();
    $this->putJson("$this->url/stations/{$hazel->id}", ['name' => 'Hazel', 'renew' => true])->assertNoContent();
    expect($this->class->refresh()->code)->not->toBe($classCode)->and($hazel->refresh()->code)->not->toBe($stationCode);
    $this->postJson("$this->url/stations", ['name' => 'Alder'])->assertNoContent();
    $this->postJson("$this->url/stations", ['name' => 'Alder'])->assertUnprocessable()->assertJsonValidationErrors('name');
    $alder = $this->class->stations()->where('name', 'Alder')->sole();
    $this->deleteJson("$this->url/stations/{$alder->id}")->assertNoContent();
    $this->postJson("$this->url/students/{$oona->id}/erasure", ['name' => $oona->name])->assertNoContent();
    expect($this->class->students()->find($oona->id))->toBeNull()
        ->and(Student::query()->findOrFail($oona->id)->only(['name', 'roster_number', 'pin', 'station_id']))
        ->toBe(['name' => '', 'roster_number' => null, 'pin' => null, 'station_id' => null]);
});

it('keeps a station that has weighed', function () {
    $lab = $this->openLab($this->class);
    $this->asNobody()->asStation($this->class->stations->first());
    $this->weigh($lab->lines->first())->assertCreated();
    $this->asNobody()->asTeacher($this->class->teacher);
    $this->deleteJson(
        "$this->url/stations/{$this->class->stations->first()->id}",
    )->assertConflict()->assertJsonPath('reason', 'station-has-weighed');
});

it('lets a co-teacher run the class and an aide only watch', function () {
    $other = Teacher::query()->create(
        ['kitchen_id' => $this->class->kitchen_id, 'name' => 'Co', 'email' => 'co@school.example', 'password' => 'x'],
    );
    $lab = $this->openLab($this->class);
    $this->postJson(
        "$this->url/colleagues", ['email' => 'nobody@school.example', 'role' => 'aide'],
    )->assertUnprocessable()->assertJsonValidationErrors('email');
    $this->postJson("$this->url/colleagues", ['email' => 'co@school.example', 'role' => 'aide'])->assertNoContent();
    $this->asNobody()->asTeacher($other);
    $this->getJson("/api/labs/{$lab->id}/board")->assertOk();
    $this->getJson("/api/labs/{$lab->id}/live")->assertNoContent();
    $this->postJson("/api/labs/{$lab->id}/close")->assertForbidden();
    $this->getJson($this->url)->assertForbidden();
    $this->asNobody()->asTeacher($this->class->teacher)->postJson(
        "$this->url/colleagues", ['email' => 'co@school.example', 'role' => 'co-teacher'],
    )->assertNoContent();
    $this->asNobody()->asTeacher($other)->getJson($this->url)->assertOk()->assertJsonPath('colleagues.0.role', 'co-teacher');
    $this->getJson('/api/today')->assertJsonPath('sections.0.name', 'Foods 1');
    $this->postJson("/api/labs/{$lab->id}/close")->assertNoContent();
    $this->deleteJson("$this->url/colleagues/{$this->class->colleagues()->sole()->id}")->assertNoContent();
    $this->getJson($this->url)->assertForbidden();
});

it('is closed to another teacher, to students, and to nobody', function () {
    $other = $this->section('Foods 2');
    $student = $this->class->students->first();
    $station = $this->class->stations->first();
    $calls = [
        ['GET', $this->url], ['PUT', $this->url, ($this->settings)()], ['POST', "$this->url/code"],
        ['POST', "$this->url/roster", ['text' => 'Ilka', 'look' => false]],
        ['POST', "$this->url/stations", ['name' => 'X']], ['PUT', "$this->url/stations/{$station->id}", ['name' => 'X']],
        ['DELETE', "$this->url/stations/{$station->id}"],
        ['PUT', "$this->url/students/{$student->id}", ['name' => 'X', 'station_id' => null]],
        ['POST', "$this->url/students/{$student->id}/erasure"],
        ['POST', "$this->url/colleagues", ['email' => 'a@b.example', 'role' => 'aide']],
    ];
    foreach ($calls as $call) {
        [$method, $url, $body] = [...$call, []];
        $this->asNobody()->asTeacher($other->teacher)->json($method, $url, $body)->assertForbidden();
        $this->asNobody()->asStudent($student)->json($method, $url, $body)->assertUnauthorized();
        $this->asNobody()->json($method, $url, $body)->assertUnauthorized();
    }
    // Another class's student under one's own class is not found.
    $this->asNobody()->asTeacher($other->teacher)->putJson(
        "/api/sections/{$other->id}/students/{$student->id}", ['name' => 'X', 'station_id' => null],
    )->assertNotFound();
    expect($student->refresh()->name)->not->toBe('X')->and($station->refresh()->name)->not->toBe('X');
});

it('makes classes from a OneRoster classes file, once', function () {
    $csv = "\"sourcedId\",\"status\",\"title\",\"grade\"\n\"1\",\"active\",\"Foods 3\",\"9\"\n\"2\",\"active\",\"Foods 4\",\"9\"\n\"3\",\"active\",\"=BAD()\",\"9\"\n";
    $this->postJson('/api/sections/import', ['text' => $csv])->assertCreated()->assertJsonPath('made', ['Foods 3', 'Foods 4']);
    $this->postJson('/api/sections/import', ['text' => $csv])->assertCreated()->assertJsonPath('made', []);
    foreach (["a,b\n1,2", "title\n\"open", ''] as $bad) {
        $this->postJson('/api/sections/import', ['text' => $bad])->assertUnprocessable()->assertJsonValidationErrors('text');
    }
    expect(Section::query()->count())->toBe(3);
    $this->asNobody()->postJson('/api/sections/import', ['text' => $csv])->assertUnauthorized();
});

it('makes labs, says steps and practises as the class settled', function () {
    $school = $this->section();
    $this->asTeacher($school->teacher);
    $settings = $this->getJson("/api/sections/{$school->id}")->json('settings');
    $rules = ['steps' => 'short', 'measure-by' => 'weigh', 'oven' => 'no'];
    $this->putJson("/api/sections/{$school->id}", ['schools' => $rules] + $settings)->assertSuccessful();
    $recipe = $this->postJson('/api/recipes', ['title' => 'Buns', 'text' => "Buns\n\nIngredients\n2 cups bread flour\n1 cup milk\n\nDirections\nMix. Bake."])->json('id');
    $lab = $this->postJson("/api/recipes/$recipe/labs", [
        'section' => $school->id, 'planned_for' => now('UTC')->addDay()->toDateString(), 'for' => 'station', 'title' => 'Buns',
    ])->json('id');
    expect(array_column($this->getJson("/api/labs/$lab/sheet")->json('lines'), 'mode'))->toBe(['weight', 'weight']);
    $this->postJson("/api/labs/$lab/open")->assertSuccessful();
    $line = $this->asNobody()->asStation($school->stations->first())->getJson('/api/work')->json('lines.0');
    expect(array_column($line['steps'], 'text'))->toContain('Add slowly', 'Bowl on, tare');
    $this->asNobody()->asTeacher($school->teacher);
    expect($this->getJson("/api/sections/{$school->id}/practice")->json('skills.*.id'))->not->toContain('oven')->toContain('hygiene');
});

it('deals the seats out to be looked at, leaves who is away where they are, and seats many at once', function () {
    $today = now($this->class->kitchen->school->time_zone)->toDateString();
    $away = $this->class->students->first();
    $away->update(['away_on' => $today]);
    $before = $this->class->students()->pluck('station_id', 'id')->all();
    $seats = $this->postJson("$this->url/seats", ['seed' => 3])->assertOk()->json('seats');
    $here = array_values(array_diff($this->class->students->modelKeys(), [$away->id]));
    expect(array_column($seats, 'student_id'))->toEqualCanonicalizing($here)
        ->and($this->class->students()->pluck('station_id', 'id')->all())->toBe($before);
    $this->putJson("$this->url/seats", ['seats' => $seats])->assertNoContent();
    expect($this->class->students()->pluck('station_id', 'id')->except($away->id)->all())
        ->toEqual(array_column($seats, 'station_id', 'student_id'));
    $stranger = $this->section('Foods 7')->students->first();
    $this->putJson("$this->url/seats", ['seats' => [['student_id' => $stranger->id, 'station_id' => null]]])->assertUnprocessable();
});

it('erases a student only by the name, and nothing where it is another', function () {
    $oona = $this->class->students->first();
    $this->postJson("$this->url/students/{$oona->id}/erasure", ['name' => 'Nobody'])->assertUnprocessable()->assertJsonValidationErrors('name');
    expect($oona->refresh()->erased_at)->toBeNull();
    $this->postJson("$this->url/students/{$oona->id}/erasure", ['name' => ' '.mb_strtoupper($oona->name)])->assertNoContent();
    expect($oona->refresh()->erased_at)->not->toBeNull();
});

it('makes one of somebody who is there twice: all that is stored goes along, what there is once stays', function () {
    [$twice, $stays] = [$this->class->students[0], $this->class->students[1]];
    $lab = $this->openLab($this->class);
    $this->asNobody()->asStation($this->class->stations->first())->weigh($lab->lines->first())->assertCreated();
    $answer = static fn (Student $one, int $turn): array => [
        'student_id' => $one->id, 'turn' => $turn, 'skill' => 'level', 'level' => 1, 'seed' => 1, 'answer' => '{}', 'is_right' => true, 'day' => '2026-11-20',
        'created_at' => now(),
    ];
    $columns = Schema::getColumnListing('practice_answers');
    $fill = static fn (array $row): array => array_intersect_key($row, array_flip($columns));
    DB::table('practice_answers')->insert([$fill($answer($twice, 1)), $fill($answer($twice, 2)), $fill($answer($stays, 1))]);
    $twice->update(['pin' => 'hashed']);
    $this->asNobody()->asTeacher($this->class->teacher)
        ->postJson("$this->url/students/{$twice->id}/merge", ['into' => $stays->id])->assertNoContent();
    $board = fn (): array => $this->getJson("/api/labs/$lab->id/board")->json('weighings.0');
    expect($board()['student'])->toBe($stays->name)->and(DB::table('practice_answers')->where('student_id', $stays->id)->orderBy('turn')->pluck('turn')->all())->toBe([1, 3, 4])
        ->and($stays->refresh()->pin)->toBe('hashed')->and($twice->refresh()->erased_at)->not->toBeNull()
        ->and($this->class->students()->find($twice->id))->toBeNull();
    $this->putJson("$this->url/students/{$stays->id}", ['name' => 'Quill', 'station_id' => null])->assertNoContent();
    expect($board()['student'])->toBe('Quill');
    $this->postJson("$this->url/students/{$stays->id}/merge", ['into' => $stays->id])->assertJsonValidationErrors('into');
    $this->postJson("$this->url/students/{$stays->id}/merge", ['into' => $twice->id])->assertJsonValidationErrors('into'); // gone
    $this->postJson("$this->url/students/{$stays->id}/erasure", ['name' => 'Quill'])->assertNoContent();
    expect($board()['student'])->toBe('a former student')->and($twice->refresh()->name)->toBe('');
});

it('makes PINs for those who have none, told once', function () {
    $kept = $this->class->students->first();
    $kept->update(['pin' => 'hashed']);
    $made = $this->postJson("$this->url/pins")->assertOk()->json();
    expect(array_column($made, 'name'))->toHaveCount($this->class->students->count() - 1)->not->toContain($kept->name)
        ->and($kept->refresh()->pin)->toBe('hashed')->and($made[0]['pin'])->toMatch('/^\d{4}$/');
    $this->postJson("$this->url/pins")->assertOk()->assertExactJson([]);
});
