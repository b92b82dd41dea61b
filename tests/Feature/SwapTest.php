<?php

declare(strict_types=1);

use App\Models\LabSwap;
use Hovik\Core\Quantity\MeasureStandard;

beforeEach(function () {
    $this->school = $this->section();
    $this->made = $this->lab($this->school, [['all-purpose-flour', '1', 'cup'], ['egg-large', '2', 'piece'], ['walnuts-chopped', '1/2', 'cup']]);
    [$this->hazel, $this->rowan] = $this->school->stations->all();
    $this->asTeacher($this->school->teacher);
    $this->items = $this->made->items->keyBy('ingredient_id');
    $this->swap = fn (string $food, ?string $text, $station = null) => $this->putJson(
        "/api/labs/{$this->made->id}/items/{$this->items[$food]->id}/swaps/".($station ?? $this->hazel)->id, ['text' => $text],
    );
    $this->lines = fn () => $this->getJson("/api/labs/{$this->made->id}/sheet")->assertOk()->json('lines');
});

it('gives one station another food, with its own amount, target and tools, and everybody else theirs', function () {
    ($this->swap)('egg-large', '1/2 cup applesauce')->assertNoContent();
    $lines = ($this->lines)();
    expect(array_column($lines, 'name'))->toBe(['All-purpose flour', 'Large egg', 'Applesauce', 'Chopped walnuts'])
        ->and($lines[2])->toMatchArray(['only_at' => ['Hazel'], 'target_g' => 122, 'stations' => [$this->hazel->id], 'position' => 1002])
        ->and($lines[1])->toMatchArray(['only_at' => null, 'stations' => [$this->rowan->id]])
        ->and($lines[1]['swaps'])->toBe([['station_id' => $this->hazel->id, 'station' => 'Hazel', 'text' => '1/2 cup applesauce']])
        ->and($lines[0]['stations'])->toBeNull();
});

it('is bought for as many as have it', function () {
    ($this->swap)('egg-large', '1/2 cup applesauce')->assertNoContent();
    ($this->swap)('walnuts-chopped', null)->assertNoContent();
    ($this->swap)('walnuts-chopped', null, $this->rowan)->assertNoContent();
    $supplies = array_column($this->getJson("/api/labs/{$this->made->id}/sheet")->json('supplies'), null, 'name');
    expect($supplies['Applesauce']['class_g'])->toEqual(122 * 1.25)
        ->and($supplies['Large egg']['class'])->toBe('3') // 2, and a quarter more, for one station
        ->and($supplies['All-purpose flour']['class_g'])->toEqual(125 * 2 * 1.25)
        ->and($supplies)->not->toHaveKey('Chopped walnuts');
});

it('is measured by that station, and by no other; what is left out is missed by nobody', function () {
    ($this->swap)('egg-large', '1/2 cup applesauce')->assertNoContent();
    ($this->swap)('walnuts-chopped', '')->assertNoContent();
    $this->postJson("/api/labs/{$this->made->id}/open")->assertSuccessful();
    $board = $this->getJson("/api/labs/{$this->made->id}/board")->json();
    $ids = array_column($board['lines'], 'id', 'name');
    $left = array_column($board['stations'], 'left', 'name');
    expect($left['Hazel'])->toBe([$ids['All-purpose flour'], $ids['Applesauce']])
        ->and($left['Rowan'])->toBe([$ids['All-purpose flour'], $ids['Large egg'], $ids['Chopped walnuts']]);
    $work = $this->asNobody()->asStation($this->hazel)->getJson('/api/work')->json();
    expect(array_column($work['lines'], 'id'))->toBe($left['Hazel'])->and($work['order'])->toEqualCanonicalizing($left['Hazel'])
        ->and($work['gate']['can_be_ready'])->toBeFalse();
    $rowan = $this->asNobody()->asStation($this->rowan)->getJson('/api/work');
    expect(array_column($rowan->json('lines'), 'id'))->toBe($left['Rowan'])
        ->and($rowan->getContent())->not->toContain('pplesauce'); // what another station has is its own affair
});

it('refuses a weight of what the station does not measure', function () {
    ($this->swap)('walnuts-chopped', null)->assertNoContent();
    $this->postJson("/api/labs/{$this->made->id}/open")->assertSuccessful();
    $line = $this->made->refresh()->lines->firstWhere('ingredient_id', 'walnuts-chopped');
    $student = $this->hazel->students->first();
    $scale = $this->school->kitchen->scales->first();
    $this->postJson("/api/labs/{$this->made->id}/paper", ['store' => true, 'entries' => [[
        'id' => '01HZZZZZZZZZZZZZZZZZZZZZZZ', 'line_id' => $line->id, 'station_id' => $this->hazel->id, 'student_id' => $student->id,
        'scale_id' => $scale->id, 'grams' => '60',
    ]]])->assertUnprocessable();
    expect($line->weighings()->count())->toBe(0);
});

it('says at its field what cannot be measured', function (string $text) {
    ($this->swap)('egg-large', $text)->assertUnprocessable()->assertJsonValidationErrors('text');
    expect(LabSwap::query()->count())->toBe(0);
})->with(['applesauce', '1/4 cup moon dust', 'salt to taste', 'half of what the others have', str_repeat('1 cup flour ', 30)]);

it('goes back, goes with a copy, and changes no more once the lab is open', function () {
    ($this->swap)('egg-large', '1/2 taza de puré de manzana')->assertNoContent();
    expect($this->made->refresh()->copyTo($this->made->section, '2026-12-01')->items->flatMap->swaps->pluck('ingredient_id')->all())->toBe(['applesauce']);
    $url = "/api/labs/{$this->made->id}/items/{$this->items['egg-large']->id}/swaps/{$this->hazel->id}";
    $this->deleteJson($url)->assertNoContent();
    expect(($this->lines)())->toHaveCount(3);
    $this->postJson("/api/labs/{$this->made->id}/open")->assertSuccessful();
    ($this->swap)('egg-large', null)->assertStatus(409);
    $this->deleteJson($url)->assertStatus(409);
});

it('is read in the class\'s own measures', function () {
    $this->school->update(['standard' => MeasureStandard::Metric250]);
    ($this->swap)('egg-large', '1 cup milk')->assertNoContent();
    expect(round(($this->lines)()[2]['target_g']))->toBe(258.0); // 250 mL
});
