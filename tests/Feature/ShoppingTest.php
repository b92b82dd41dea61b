<?php

declare(strict_types=1);

use App\Models\FoodPack;

beforeEach(function () {
    $this->travelTo('2026-12-02 15:00:00'); // a Wednesday
    $this->school = $this->section();
    $this->asTeacher($this->school->teacher);
    $this->at = fn ($section, string $day, array $items) => tap(
        $this->lab($section, $items), fn ($lab) => $lab->update(['planned_for' => $day, 'title' => "Lab of $day"]),
    );
    $this->pack = fn (string $food, array $more = []) => $this->putJson(
        "/api/pantry/$food/pack", $more + ['size' => '2', 'unit' => 'kg', 'stock' => '', 'price' => ''],
    );
    $this->rows = fn (string $query = '') => array_column($this->getJson("/api/shopping$query")->assertOk()->json('rows'), null, 'id');
});

it('adds up the week of all classes, in packs, less what there is', function () {
    ($this->at)($this->school, '2026-11-30', [['bread-flour', '4', 'cup'], ['egg-large', '2', 'piece']]);
    ($this->at)($this->school, '2026-12-06', [['bread-flour', '2', 'cup']]);
    ($this->at)($this->school, '2026-12-07', [['bread-flour', '99', 'cup']]); // the week after
    ($this->at)($this->section('Others'), '2026-12-01', [['bread-flour', '99', 'cup']]); // another teacher's
    ($this->pack)('bread-flour', ['stock' => '0,5', 'price' => '3,49'])->assertNoContent();
    $page = $this->getJson('/api/shopping')->assertOk()->json();
    expect([$page['from'], $page['to'], count($page['labs'])])->toBe(['2026-11-30', '2026-12-06', 2]);
    [$flour, $eggs] = $page['rows'];
    // 6 cups at 125 g, two stations, a quarter more: 1,875 g, half a kilo of it at hand.
    expect($flour)->toMatchArray([
        'needed_g' => 1875, 'missing_g' => 1375, 'packs' => 1, 'over_g' => 625, 'cost' => '3.49', 'stock' => '0.5', 'price' => '3.49',
        'labs' => ['Lab of 2026-11-30', 'Lab of 2026-12-06'],
    ])->and($eggs)->toMatchArray(['packs' => null, 'size' => null, 'missing_g' => 250, 'pieces' => 5])
        ->and([$page['total'], $page['unpriced']])->toBe(['3.49', 1]);
});

it('shows the week of any day, and one without labs', function () {
    ($this->at)($this->school, '2026-12-10', [['bread-flour', '1', 'cup']]);
    expect(array_keys(($this->rows)('?day=2026-12-13')))->toBe(['bread-flour'])->and(($this->rows)())->toBe([]);
    $this->getJson('/api/shopping?day=yesterday')->assertUnprocessable()->assertJsonValidationErrors('day');
});

it('refuses beside its field what nobody sells, and keeps nothing of it', function (array $given, string $field) {
    ($this->pack)('bread-flour', $given)->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(FoodPack::query()->count())->toBe(0);
})->with([
    [['size' => ''], 'size'], [['size' => '0'], 'size'], [['unit' => 'cup'], 'unit'], [['unit' => 'piece'], 'unit'],
    [['stock' => 'plenty'], 'stock'], [['price' => '-1'], 'price'],
]);

it('is one kitchen\'s, changed in place and forgotten', function () {
    ($this->at)($this->school, '2026-12-02', [['bread-flour', '1', 'cup']]);
    ($this->pack)('bread-flour')->assertNoContent();
    ($this->pack)('bread-flour', ['size' => '5', 'unit' => 'lb'])->assertNoContent();
    expect(FoodPack::query()->count())->toBe(1)->and(($this->rows)()['bread-flour'])->toMatchArray(['size' => '5', 'unit' => 'lb']);
    $other = $this->section('Others');
    $this->asNobody()->asTeacher($other->teacher);
    ($this->at)($other, '2026-12-02', [['bread-flour', '1', 'cup']]);
    expect(($this->rows)()['bread-flour']['size'])->toBeNull();
    $this->deleteJson('/api/pantry/bread-flour/pack')->assertNoContent();
    expect(FoodPack::query()->count())->toBe(1);
    $this->asNobody()->asTeacher($this->school->teacher)->deleteJson('/api/pantry/bread-flour/pack')->assertNoContent();
    expect(FoodPack::query()->count())->toBe(0);
    $this->putJson('/api/pantry/moon-dust/pack', ['size' => '1', 'unit' => 'kg', 'stock' => '0', 'price' => null])->assertUnprocessable();
});
