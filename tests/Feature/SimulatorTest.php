<?php

declare(strict_types=1);

use App\Models\Diagnosis;
use App\Models\Weighing;

beforeEach(function () {
    $this->school = $this->section();
    $this->asTeacher($this->school->teacher);
    $this->flour = [
        'ingredient' => 'bread-flour', 'amount' => '1 3/4', 'unit' => 'cup', 'scale' => 'scale-1g-5kg', 'seed' => 4,
        'bowl_g' => 187,
    ];
    $this->well = ['power', 'bowl', 'tare', 'pour'];
});

it('offers foods, amounts, tools and the ways that mean something', function () {
    $this->getJson('/api/simulator?ingredient=bread-flour&amount=1%203/4&unit=cup')->assertOk()
        ->assertJsonPath(
            'plans.0.text', fn (string $said) => str_contains($said, 'cup'),
        )->assertJsonPath('offered.filling.0', 'spooned')->assertJsonPath('reads', false)->assertJsonPath('empties', false);
    $this->getJson(
        '/api/simulator?ingredient=whole-milk&amount=1&unit=cup',
    )->assertJsonPath('reads', true)->assertJsonPath('offered.levelling', ['level']);
    $this->getJson('/api/simulator?ingredient=honey&amount=1/2&unit=cup')->assertJsonPath('empties', true);
});

it('weighs as the keys were pressed, and judges what stands there', function () {
    $shown = $this->postJson(
        '/api/simulator/weighings', $this->flour + ['actions' => $this->well],
    )->assertOk()->assertJsonPath('unit', 'g')->assertJsonPath('result', null)->json();
    expect($shown['number'])->toBeGreaterThan(180)->toBeLessThan(260);
    $this->postJson(
        '/api/simulator/weighings', $this->flour + ['actions' => $this->well, 'check' => true, 'predicted' => 'heaped'],
    )->assertOk()
        ->assertJsonPath(
            'result.grams', $shown['number'],
        )->assertJsonPath('result.target_g', 218.75)->assertJsonPath('result.predicted', 'heaped')->assertJsonStructure(
            ['result' => ['causes' => [['said', 'likely', 'range', 'tell']], 'working']],
        );
    expect(Weighing::query()->count())->toBe(0)->and(Diagnosis::query()->count())->toBe(0);
});

it('gives everybody the same for the same seed', function () {
    $number = fn (int $seed) => $this->postJson(
        '/api/simulator/weighings', ['seed' => $seed, 'actions' => $this->well] + $this->flour,
    )->json('number');
    $mine = $number(7);
    $this->asNobody()->asStudent($this->school->students->first());
    expect($number(7))->toBe($mine);
    expect(count(array_unique(array_map($number, range(1, 12)))))->toBeGreaterThan(4);
});

it('finds what went wrong at the scale', function (array $actions, string $cause) {
    $this->postJson(
        '/api/simulator/weighings', $this->flour + ['actions' => $actions, 'check' => true],
    )->assertOk()->assertJsonPath('result.causes.0.id', $cause);
})->with([
    'no tare' => [['power', 'bowl', 'pour'], 'not-tared'],
    'ounces' => [['power', 'bowl', 'tare', 'pour', 'unit'], 'wrong-unit'],
    'pounds' => [['power', 'bowl', 'tare', 'pour', 'unit', 'unit'], 'wrong-unit'],
]);

it('says why a key does nothing, and judges no empty display', function () {
    $this->postJson(
        '/api/simulator/weighings', $this->flour + ['actions' => ['tare']],
    )->assertJsonPath('note', 'The scale is off. Switch it on first.')->assertJsonPath('number', null);
    $this->postJson(
        '/api/simulator/weighings', $this->flour + ['actions' => [], 'check' => true],
    )->assertUnprocessable()->assertJsonValidationErrors('actions');
    $this->postJson(
        '/api/simulator/weighings', $this->flour + ['actions' => ['power', 'bowl', 'tare'], 'check' => true],
    )->assertUnprocessable();
});

it('sets two ways side by side', function () {
    $two = $this->postJson(
        '/api/simulator/comparisons', $this->flour + ['hands' => [], 'other' => ['filling' => 'dipped'], 'draws' => 200],
    )->assertOk()->json();
    expect(
        array_sum(array_column($two['bins'], 'one')),
    )->toBe(200)->and($two['other']['mean_g'])->toBeGreaterThan($two['one']['mean_g'] + 15)->and($two['one']['level'])->toBeGreaterThan($two['other']['level']);
});

it('refuses bad input at its field', function (array $change, string $field) {
    $this->postJson('/api/simulator/weighings', $change + $this->flour)->assertUnprocessable()->assertJsonValidationErrors($field);
    $this->postJson('/api/simulator/comparisons', $change + $this->flour)->assertUnprocessable()->assertJsonValidationErrors($field);
})->with([
    'no such food' => [['ingredient' => 'moon-dust'], 'ingredient'], 'eggs' => [['ingredient' => 'egg-large'], 'ingredient'],
    'no amount' => [['amount' => 'lots'], 'amount'], 'no unit' => [['unit' => 'barrels'], 'unit'],
    'no such plan' => [['plan' => 19], 'plan'], 'no such scale' => [['scale' => 'bathroom'], 'scale'],
    'a seed that is none' => [['seed' => 'x'], 'seed'], 'heavy bowl' => [['bowl_g' => 90000], 'bowl_g'],
    'a way there is not' => [['hands' => ['filling' => 'thrown']], 'hands.filling'],
    'an impossible eye' => [['ingredient' => 'whole-milk', 'amount' => '1', 'hands' => ['eye_deg' => 90]], 'hands.eye_deg'],
]);

it('refuses keys there are not, and too many draws', function () {
    $this->postJson(
        '/api/simulator/weighings', $this->flour + ['actions' => ['kick']],
    )->assertUnprocessable()->assertJsonValidationErrors('actions.0');
    $this->postJson(
        '/api/simulator/comparisons', $this->flour + ['draws' => 100000],
    )->assertUnprocessable()->assertJsonValidationErrors('draws');
});

it('is open to whoever is signed in, and to nobody else', function () {
    $this->asNobody()->getJson('/api/simulator?ingredient=bread-flour&amount=1&unit=cup')->assertUnauthorized();
    $this->asNobody()->postJson('/api/simulator/weighings', $this->flour)->assertUnauthorized();
    $this->asNobody()->postJson('/api/simulator/comparisons', $this->flour)->assertUnauthorized();
    $this->asNobody()->asStation($this->school->stations->first())->getJson(
        '/api/simulator?ingredient=bread-flour&amount=1&unit=cup',
    )->assertOk();
});

it('measures by the class\'s own cup', function () {
    $this->school->update(['standard' => 'metric_250', 'tolerance_level' => 'exacting']);
    $this->postJson(
        '/api/simulator/weighings', ['amount' => '1', 'actions' => $this->well, 'check' => true] + $this->flour,
    )->assertOk()->assertJsonPath('result.target_g', fn (float $grams) => abs($grams - 132.086) < 0.01);
});
