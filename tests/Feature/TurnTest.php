<?php

declare(strict_types=1);

use App\Models\LabTurn;

beforeEach(function () {
    $this->school = $this->section();
    $this->school->update(['schools' => ['who-measures' => 'by-name']]);
    $this->open = $this->openLab($this->school->refresh());
    $this->lines = $this->open->lines->pluck('id')->all();
    [$this->hazel, $this->rowan] = $this->school->stations->all();
    [$this->oona, $this->mateus] = $this->hazel->students->all();
    $this->asTeacher($this->school->teacher);
    $this->give = fn (array $more) => $this->putJson("/api/labs/{$this->open->id}/turns", $more + [
        'line_id' => $this->lines[0], 'station_id' => $this->hazel->id, 'student_id' => $this->oona->id,
    ]);
    $this->names = fn () => array_column(
        $this->asNobody()->asStation($this->hazel->fresh())->getJson('/api/work')->assertOk()->json('lines'), 'given', 'id',
    );
});

it('gives each line to a name, on the tablet and on the board', function () {
    expect(array_values(($this->names)()))->toEqualCanonicalizing(['Oona of Hazel', 'Mateus of Hazel']);
    $board = $this->asNobody()->asTeacher($this->school->teacher)->getJson("/api/labs/{$this->open->id}/board")->json('stations.0');
    expect(array_column($board['turns'], 'student'))->toEqualCanonicalizing([$this->oona->id, $this->mateus->id])
        ->and($board['members'][0])->toBe(['id' => $this->oona->id, 'name' => 'Oona of Hazel', 'away' => false]);
});

it('keeps what the teacher gives, until it is left to the round again', function () {
    foreach ($this->lines as $line) {
        ($this->give)(['line_id' => $line, 'student_id' => $this->mateus->id])->assertNoContent();
    }
    expect(array_unique(array_values(($this->names)())))->toBe(['Mateus of Hazel']);
    $this->asNobody()->asTeacher($this->school->teacher);
    ($this->give)(['student_id' => null])->assertNoContent();
    expect(LabTurn::query()->count())->toBe(count($this->lines) - 1);
});

it('leaves out who is away today, and only today', function () {
    $away = fn (bool $is) => $this->asNobody()->asTeacher($this->school->teacher)
        ->putJson("/api/sections/{$this->school->id}/students/{$this->oona->id}/away", ['away' => $is])->assertNoContent();
    $away(true);
    expect(array_unique(array_values(($this->names)())))->toBe(['Mateus of Hazel']);
    $this->travel(1)->days();
    expect(array_values(($this->names)()))->toContain('Oona of Hazel');
    $this->asNobody()->asTeacher($this->school->teacher)
        ->putJson("/api/sections/{$this->school->id}/students/{$this->mateus->id}/away", ['away' => false])->assertNoContent();
    expect($this->oona->fresh()->away_on)->toBeNull(); // nobody keeps a list of who was away when
    $this->travelBack();
    $away(false);
    expect(array_values(($this->names)()))->toContain('Oona of Hazel');
});

it('gives to nobody of another station, and nothing that is not measured there', function (array $given, string $field) {
    $given = array_map(fn (mixed $one) => $one instanceof Closure ? $one($this) : $one, $given);
    ($this->give)($given)->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(LabTurn::query()->count())->toBe(0);
})->with([
    [['student_id' => fn () => fn ($test) => $test->rowan->students->first()->id], 'student_id'],
    [['line_id' => 999999], 'line_id'], [['station_id' => 999999], 'station_id'],
]);

it('names nobody where whoever is free measures', function () {
    $this->postJson("/api/labs/{$this->open->id}/close")->assertSuccessful();
    $this->school->update(['schools' => []]);
    $this->openLab($this->school->refresh());
    expect(array_unique(array_values(($this->names)())))->toBe([null]);
});

it('goes with the student', function () {
    ($this->give)([])->assertNoContent();
    $this->postJson("/api/sections/{$this->school->id}/students/{$this->oona->id}/erasure", ['name' => $this->oona->name])->assertNoContent();
    expect(LabTurn::query()->count())->toBe(0);
});
