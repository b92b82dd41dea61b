<?php

declare(strict_types=1);

use App\Models\OwnStandard;
use App\Models\OwnWeight;

beforeEach(function () {
    $this->class = $this->section();
    $this->asTeacher($this->class->teacher);
    $this->trials = fn (array $grams, array $change = []): array => $change + [
        'handling' => 'stirred-spooned', 'tool' => 'dry-cup-us-1', 'named' => null, 'scale_id' => null,
        'trials' => array_map(static fn (string $one): array => ['grams' => $one, 'weighing' => null, 'where' => null, 'left_out' => false], $grams),
    ];
    $this->url = '/api/pantry/bread-flour/standard';
    $this->nine = ['128,4', '131.2', '133.0', '130.1', '132.6', '129.3', '130.7', '134.1', '148.9'];
});

it('collects trials, flags the odd one and keeps it, and says how many more', function () {
    $page = $this->putJson($this->url, ($this->trials)($this->nine))->assertOk()->json();
    expect($page['found']['n'])->toBe(9)->and(array_column($page['trials'], 'odd'))->toBe([false, false, false, false, false, false, false, false, true])
        ->and($page['otherwise']['n'])->toBe(8)->and($page['adopted'])->toBeNull();
    $left = ($this->trials)($this->nine);
    $left['trials'][8]['left_out'] = true;
    $page = $this->putJson($this->url, $left)->assertOk()->json();
    expect($page['found']['per_cup_g'])->toEqualWithDelta(131.175, 0.001)->and($page['found']['more'])->toBe(0)
        ->and($page['found']['change_g'])->toEqualWithDelta(6.175, 0.001)->and(count($page['trials']))->toBe(9);
    expect(OwnStandard::query()->count())->toBe(1);
});

it('asks for three cups before it says anything', function () {
    $this->putJson($this->url, ($this->trials)(['130', '131']))->assertOk()->assertJsonPath('found', null)->assertJsonPath('missing', 1);
    $this->postJson("$this->url/adoption")->assertConflict();
    expect(OwnWeight::query()->count())->toBe(0);
});

it('adopts them: coming targets say our weighing, leave the bag\'s doubt out, and an opened lab keeps what it had', function () {
    $open = $this->openLab($this->class);
    $before = $this->lab($this->class, [['bread-flour', '1', 'cup']]);
    $was = $this->getJson("/api/labs/$before->id/sheet")->json('lines.0');
    $this->putJson($this->url, ($this->trials)(array_slice($this->nine, 0, 8)))->assertOk()->assertJsonPath('labs', 1);
    $this->postJson("$this->url/adoption")->assertNoContent();
    $now = $this->getJson("/api/labs/$before->id/sheet")->json('lines.0');
    expect($was['target_g'])->toEqualWithDelta(125, 1e-6)->and($now['target_g'])->toEqualWithDelta(131.175, 0.001)
        ->and($now['source'])->toContain('our weighing, n = 8')->and($now['careful_times'])->toBeGreaterThanOrEqual($was['careful_times'])
        ->and((float) $open->refresh()->lines->first()->target_g)->toBe(218.75);
    $this->getJson('/api/pantry')->assertOk();
    // A new bag is not that one: packages differ again.
    $own = fn (): float => $this->class->kitchen->fresh()->pantry()->ingredient('bread-flour')->cvBatch;
    $known = $own();
    $this->postJson('/api/pantry/bread-flour/bags', ['name' => 'Miller, June', 'opened_on' => $this->class->today()])->assertNoContent();
    expect($own())->toBeGreaterThan($known);
    $this->asNobody()->asTeacher($this->class->teacher->fresh());
    $this->getJson($this->url)->assertJsonPath('bag.is_another', true);
    $this->deleteJson($this->url)->assertNoContent();
    $this->getJson("/api/labs/$before->id/sheet")->assertJsonPath('lines.0.target_g', 125);
});

it('keeps one person\'s figure possible, and marks it', function () {
    $this->putJson('/api/pantry/bread-flour', ['grams' => '130', 'reason' => 'The bag says so.'])->assertNoContent();
    $entry = collect($this->getJson('/api/pantry')->json())->firstWhere('id', 'bread-flour');
    expect($entry['own']['trials'])->toBeNull()->and($entry['source'])->toBe("one person's own figure");
});

it('takes level weighings of labs as trials, of the same tool and handling', function () {
    $lab = $this->lab($this->class, [['bread-flour', '1', 'cup']]);
    $this->postJson("/api/labs/$lab->id/open")->assertNoContent();
    $this->asNobody()->asStation($this->class->stations->first());
    $this->weigh($lab->refresh()->lines->first(), ['grams' => '126'])->assertCreated();
    $this->weigh($lab->lines->first(), ['grams' => '190'], '01JDF8Z9X3M5N7P9Q1R3S5T7VA')->assertCreated();
    $this->asNobody()->asTeacher($this->class->teacher);
    $past = $this->getJson($this->url)->assertOk()->json('past');
    expect($past)->toHaveCount(1)->and($past[0]['grams'])->toEqualWithDelta(126, 1e-6)->and($past[0]['station'])->toBe('Hazel');
    $with = ($this->trials)([]);
    $with['trials'] = [['grams' => '126', 'weighing' => $past[0]['id'], 'where' => 'Hazel', 'left_out' => false]];
    $this->putJson($this->url, $with)->assertOk()->assertJsonPath('trials.0.weighing', $past[0]['id']);
    // Another school's weighing is none of ours.
    $this->asNobody()->asTeacher($this->section('Foods 2')->teacher);
    $this->putJson($this->url, $with)->assertUnprocessable();
});

it('refuses what is no weight', function (array $change, string $field) {
    $this->putJson($this->url, ($this->trials)(['130'], $change))->assertUnprocessable()->assertJsonValidationErrors($field);
})->with([
    [['trials' => [['grams' => '0', 'weighing' => null, 'where' => null, 'left_out' => false]]], 'grams'],
    [['tool' => 'bathtub'], 'tool'], [['named' => 999], 'named'], [['packet_grams' => '40', 'packet_amount' => 'some'], 'packet_amount'],
]);

it('compares with the packet\'s serving', function () {
    $page = $this->putJson($this->url, ($this->trials)(['130'], ['packet_grams' => '34', 'packet_amount' => '1/4']))->assertOk()->json();
    expect(collect($page['published'])->firstWhere('name', 'the packet')['grams'])->toEqualWithDelta(136, 0.01);
});

it('is of what is measured by the cup: eggs have none, and what is no food neither', function (string $food) {
    $this->getJson("/api/pantry/$food/standard")->assertUnprocessable();
    $this->putJson("/api/pantry/$food/standard", ($this->trials)(['50', '51', '52']))->assertUnprocessable();
    expect(OwnStandard::query()->count())->toBe(0);
})->with(['egg-large', 'bathtub']);
