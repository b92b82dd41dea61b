<?php

declare(strict_types=1);

beforeEach(function () {
    $this->class = $this->section();
    $this->asTeacher($this->class->teacher);
});

// Each of these was a 500 once.
it('refuses what is no text, no number or no date, beside its field', function (string $method, string $path, array $given, string $field) {
    $path = strtr($path, ['{class}' => (string) $this->class->id, '{station}' => (string) $this->class->stations->first()?->id]);
    $this->json($method, $path, $given)->assertUnprocessable()->assertJsonValidationErrors($field);
})->with([
    'a time that is a list' => ['POST', '/api/sections', ['name' => 'Foods', 'starts_at' => ['10:00'], 'ends_at' => '11:00'], 'starts_at'],
    'a bowl of nothing' => ['PUT', '/api/sections/{class}/stations/{station}', ['name' => 'Hazel', 'bowl_g' => 0.0001], 'bowl_g'],
    'a day that is a number' => ['POST', '/api/sections/{class}/tasks', ['aims' => ['read-jug'], 'due_on' => 20261201], 'due_on'],
    'a name that is a list' => ['POST', '/api/sections', ['name' => ['a'], 'starts_at' => '10:00', 'ends_at' => '11:00'], 'name'],
]);

it('refuses a size that nobody bakes', function (string $factor) {
    $id = $this->postJson('/api/recipes', ['text' => "Buns\n1 cup flour\n2 eggs"])->json('id');
    $this->getJson("/api/recipes/$id?factor=".urlencode($factor))->assertUnprocessable();
    $this->postJson(
        "/api/recipes/$id/labs",
        ['section' => $this->class->id, 'planned_for' => '2026-12-01', 'factor' => $factor, 'for' => 'station'],
    )
        ->assertUnprocessable();
})->with([
    '28 letters' => '0.3333333333333333333333333333', 'a fruit' => 'banana', 'too much' => '1001', 'nothing' => '0',
    'no fraction' => '1/0',
]);

it('knows no question of twenty digits', function () {
    $this->asNobody()->asStudent($this->class->stations->firstOrFail()->students->firstOrFail());
    $this->postJson('/api/practice/99999999999999999999', ['id' => 'x', 'answer' => 'y'])->assertNotFound();
});

it('refuses an address that is not readable', function () {
    $this->getJson('/api/portions?batch=%ff%fe&each=1')->assertUnprocessable()->assertJsonValidationErrors('batch');
});

it('takes a roster once, whoever sends it twice', function () {
    $class = $this->class;
    $take = fn () => $this->postJson("/api/sections/$class->id/roster", ['text' => "Wren Aldous\nTove Ek", 'look' => false]);
    $take()->assertSuccessful();
    $take()->assertUnprocessable();
    expect($class->students()->where('name', 'Wren')->count())->toBe(1);
});

it('says it in the reader\'s language before it knows them', function (string $path, int $status, string $says) {
    $this->asNobody()->withHeaders(['Accept-Language' => 'es'])->getJson($path)->assertStatus($status)
        ->assertJsonPath('message', fn (string $message): bool => str_contains($message, $says));
})->with([
    'not signed in' => ['/api/today', 401, 'Entra'],
    'no such class' => ['/api/join/ZZZZZZ', 422, 'código'],
    'no such page' => ['/api/nothing-here', 404, 'no '],
]);

it('answers for an id that no device makes', function (string $id) {
    $lab = $this->openLab();
    $this->asStation($lab->section->stations->first());
    foreach ([['GET', "/api/weighings/$id"], ['PUT', "/api/weighings/$id"], ['PUT', "/api/weighings/$id/guess"], ['PUT', "/api/events/$id"]] as [$how, $url]) {
        expect($this->json($how, $url, ['cause' => 'heaped'])->status())->toBeIn([404, 422]);
    }
})->with(['é', '%C3%A9', '🥣', "a'b", str_repeat('A', 41), '01JDF8Z9X3M5N7P9Q1R3S5T7V9x']);
