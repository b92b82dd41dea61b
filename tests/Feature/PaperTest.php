<?php

declare(strict_types=1);

use Hovik\Core\Lab\LabState;

beforeEach(function () {
    $this->lab = $this->openLab();
    $this->asTeacher($this->lab->section->teacher);
    [$this->hazel, $this->rowan] = $this->lab->section->stations->all();
    $this->entry = fn (int $n, array $given = []): array => $given + [
        'id' => sprintf('01JDF8Z9X3M5N7P9Q1R3S5%04d', $n), 'line_id' => $this->lab->lines[0]->id,
        'station_id' => $this->hazel->id, 'student_id' => $this->hazel->students[0]->id,
        'scale_id' => $this->lab->section->kitchen->scales[0]->id, 'grams' => '219',
    ];
    $this->send = fn (bool $store, array ...$entries) => $this->postJson(
        "/api/labs/{$this->lab->id}/paper", ['store' => $store, 'entries' => $entries],
    );
});

it('says the verdict as it is typed, and stores nothing yet', function () {
    ($this->send)(
        false, ($this->entry)(1), ($this->entry)(2, ['grams' => '246']), ($this->entry)(3, ['grams' => '12,5']),
        ($this->entry)(4, ['grams' => 'lots']),
    )->assertOk()
        ->assertJsonPath('entries.0.verdict', 'level')->assertJsonPath('entries.1.verdict', 'heaped')
        ->assertJsonPath(
            'entries.2.problem', 'This scale counts by 1 g, so it cannot show that. Read it again.',
        )->assertJsonPath('entries.3.problem', 'Use numbers only, like 94 or 3.5.');
    expect($this->stored())->toBe(0);
});

it('stores a sheet at once, once, and marks it as from paper', function () {
    $entries = [($this->entry)(1), ($this->entry)(2, ['station_id' => $this->rowan->id, 'student_id' => $this->rowan->students[0]->id])];
    ($this->send)(true, ...$entries)->assertOk()->assertJsonPath('stored', true);
    ($this->send)(true, ...$entries)->assertOk();
    expect($this->stored())->toBe(2);
    $this->getJson("/api/labs/{$this->lab->id}/board")->assertJsonPath('weighings.0.source', 'paper')->assertJsonPath(
        'weighings.*.student', fn (array $names) => array_diff(['Oona of Hazel', 'Oona of Rowan'], $names) === [],
    );
});

it('stores none where one cannot be', function (array $wrong, string $field) {
    ($this->send)(true, ($this->entry)(1), ($this->entry)(2, $wrong))->assertUnprocessable()->assertJsonValidationErrors($field);
    expect($this->stored())->toBe(0);
})->with([
    [['grams' => '12.5'], 'entries.1.grams'], [['grams' => ''], 'entries.1.grams'], [['student_id' => 999999], 'entries.1.grams'],
    [['line_id' => 999999], 'entries.1.grams'], [['scale_id' => 999999], 'entries.1.grams'], [['id' => 'x'], 'entries.1.id'],
]);

it('says which scales can judge which line', function () {
    $lines = $this->getJson("/api/labs/{$this->lab->id}/paper")->assertOk()->assertJsonCount(
        $this->lab->lines->count(), 'lines',
    )->json('lines');
    $this->asNobody();
    $this->asStation($this->hazel);
    $own = $this->getJson('/api/work')->json('lines');
    expect(array_column($lines, 'fit_scales', 'id'))->toEqual(array_column($own, 'fit_scales', 'id'));
});

it('counts several tries of one line in the order of the sheet', function () {
    ($this->send)(
        true, ($this->entry)(1, ['grams' => '246']), ($this->entry)(2, ['grams' => '239']),
        ($this->entry)(3, ['grams' => '219', 'student_id' => $this->hazel->students[1]->id]),
    )->assertOk();
    $weighings = $this->getJson("/api/labs/{$this->lab->id}/board")->json('weighings');
    expect(array_column($weighings, 'attempt'))->toBe([1, 2, 3])->and(
        array_map(intval(...), array_column($weighings, 'grams')),
    )->toBe([246, 239, 219])
        ->and($weighings[2]['student'])->toBe($this->hazel->students[1]->name)->not->toBe($weighings[0]['student']);
});

it('takes a sheet after the bell, too, but not before the lab was opened', function () {
    $this->lab->update(['state' => LabState::Closed, 'closed_at' => now()]);
    ($this->send)(true, ($this->entry)(1))->assertOk();
    $this->lab = $this->lab($this->lab->section);
    $this->postJson(
        "/api/labs/{$this->lab->id}/paper",
        [
            'store' => false,
            'entries' => [
                [
                    'id' => '01JDF8Z9X3M5N7P9Q1R3S50009', 'line_id' => 1, 'station_id' => 1, 'student_id' => 1, 'scale_id' => 1,
                    'grams' => '1',
                ],
            ],
        ],
    )->assertConflict();
});

it('is the class\'s own teacher\'s', function () {
    $this->asNobody()->asTeacher($this->section('Foods 2')->teacher);
    $look = fn () => $this->getJson("/api/labs/{$this->lab->id}/paper");
    ($this->send)(true, ($this->entry)(1))->assertForbidden();
    $look()->assertForbidden();
    $this->asNobody();
    ($this->send)(true, ($this->entry)(1))->assertUnauthorized();
    $look()->assertUnauthorized();
    $this->asStation($this->hazel);
    ($this->send)(true, ($this->entry)(1))->assertUnauthorized();
    $look()->assertUnauthorized();
    expect($this->stored())->toBe(0);
});
