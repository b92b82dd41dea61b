<?php

declare(strict_types=1);

use App\Live\Publisher;
use App\Models\OwnWording;

beforeEach(function () {
    $this->school = $this->section();
    $this->open = $this->openLab($this->school);
    $this->station = $this->school->stations->first();
    $this->asTeacher($this->school->teacher);
    $this->say = fn (string $id, mixed $text) => $this->asNobody()->asTeacher($this->school->teacher)
        ->putJson("/api/wordings/$id", ['text' => $text]);
    $this->steps = fn ($section = null): array => array_column(
        $this->asNobody()->asStation(($section ?? $this->school)->stations->first())->getJson('/api/work')->assertOk()->json('lines.0.steps'),
        null, 'id',
    );
    $this->row = fn (string $id): array => array_column(
        $this->asNobody()->asTeacher($this->school->teacher)->getJson('/api/wordings')->assertOk()->json(), null, 'id',
    )[$id];
});

it('lists what students read, by kind, none of it changed yet', function () {
    $all = $this->getJson('/api/wordings')->assertOk()->json();
    expect(count($all))->toBeGreaterThan(300)->and(array_filter(array_column($all, 'own')))->toBe([])
        ->and(($this->row)('step.loosen'))
        ->toBe(['id' => 'step.loosen', 'kind' => 'step', 'seeded' => 'Stir to loosen it', 'own' => null, 'longest' => 60]);
});

it('says it at the station, in the library and on cards from now on, marked as ours, until it is put back', function () {
    expect(($this->steps)()['loosen']['text'])->toBe('Stir to loosen it');
    ($this->say)('step.loosen.role.flour', "  Fluff it up,   don't press ")->assertNoContent();
    ($this->say)('step.loosen.why', 'It has settled in the bin.')->assertNoContent();
    expect(($this->row)('step.loosen.role.flour')['own'])->toBe("Fluff it up, don't press")
        ->and(($this->steps)()['loosen'])->toBe(['id' => 'loosen', 'text' => "Fluff it up, don't press", 'why' => 'It has settled in the bin.']);
    $this->asNobody()->asTeacher($this->school->teacher);
    foreach (["/api/labs/{$this->open->id}/sheet", "/api/labs/{$this->open->id}/board"] as $page) {
        $shown = (string) $this->getJson($page)->assertOk()->getContent();
        expect([str_contains($shown, 'Fluff it up'), str_contains($shown, 'Stir to loosen it')])->toBe([true, false]);
    }
    $library = (string) $this->getJson("/api/techniques?section={$this->school->id}")->assertOk()->getContent();
    expect(str_contains($library, 'It has settled in the bin.'))->toBeTrue();
    $this->deleteJson('/api/wordings/step.loosen.role.flour')->assertNoContent();
    expect(($this->steps)()['loosen']['text'])->toBe('Stir to loosen it')->and(($this->row)('step.loosen.role.flour')['own'])->toBeNull();
});

it('says it in one language and in one kitchen', function () {
    ($this->say)('step.loosen.role.flour', 'Fluff it up')->assertNoContent();
    $spanish = $this->asNobody()->asStation($this->station)->withHeader('Accept-Language', 'es')->getJson('/api/work')->json('lines.0.steps');
    expect(array_column($spanish, 'text'))->not->toContain('Fluff it up');
    $this->withHeader('Accept-Language', 'en');
    $other = $this->section('Another');
    $this->openLab($other);
    expect(($this->steps)($other)['loosen']['text'])->toBe('Stir to loosen it');
});

it('tells open labs, so that nobody has to load a page again', function () {
    $told = [];
    $this->mock(Publisher::class)->shouldReceive('publish')->andReturnUsing(function (string $channel, string $fact) use (&$told): void {
        $told[] = [$channel, json_decode($fact, true)['what']];
    });
    ($this->say)('step.loosen.role.flour', 'Fluff it up')->assertNoContent();
    expect($told)->toBe([["sections/{$this->open->section_id}", 'words-changed'], ["labs/{$this->open->id}", 'words-changed']]);
});

it('keeps the figure in its place, and refuses what would lose it', function () {
    ($this->say)('watch.dipped', 'No dipping: {percent}% more.')->assertNoContent();
    $said = $this->asNobody()->asStation($this->station)->getJson('/api/work')->json('lines.0.watch.text');
    expect($said)->toMatch('/^No dipping: \d+% more\.$/');
    foreach (['', null, 'No dipping.', 'No {percent} {grams}', str_repeat('x', 241), ['a'], 7] as $wrong) {
        ($this->say)('watch.dipped', $wrong)->assertUnprocessable()->assertJsonValidationErrors('text');
    }
    ($this->say)('ingredient.bread-flour', 'Bread flower')->assertUnprocessable();
    expect(OwnWording::query()->count())->toBe(1);
});
