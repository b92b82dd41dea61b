<?php

declare(strict_types=1);

use App\Models\Section;
use App\Models\Station;

// What a class counts as Level, what nobody can check, and whether a target is shown.

beforeEach(function () {
    $this->class = $this->section();
    $this->asTeacher($this->class->teacher);
    $this->settings = $this->getJson("/api/sections/{$this->class->id}")->json('settings');
    $this->lab = function (string $text): int {
        $recipe = $this->postJson('/api/recipes', ['text' => "It\n$text"])->assertCreated()->json('id');

        return $this->postJson(
            "/api/recipes/$recipe/labs", ['section' => $this->class->id, 'planned_for' => '2026-12-01', 'for' => 'station'],
        )->assertCreated()->json('id');
    };
});

it('plans by a class’s own percentages and floors', function () {
    $lab = ($this->lab)("1 cup all-purpose flour\n1 tsp cinnamon");
    $this->getJson("/api/labs/$lab/sheet")->assertJsonPath('lines.0.tolerance_pct', 8);
    $own = ['percents' => ['fine-powder' => 5], 'small_floor_g' => 0.5, 'floor_g' => 2];
    $this->putJson("/api/sections/{$this->class->id}", ['tolerances' => $own] + $this->settings)->assertNoContent();
    $this->getJson("/api/labs/$lab/sheet")->assertJsonPath('lines.0.tolerance_pct', 5)->assertJsonPath('lines.1.tolerance_g', 0.5);
    $page = $this->getJson("/api/sections/{$this->class->id}")->assertJsonPath('settings.tolerances.floor_g', 2)->json('families');
    expect(collect($page)->firstWhere('family', 'fine-powder'))->toEqual(['family' => 'fine-powder', 'percent' => 5, 'usual' => 8]);
    // Another level asks by its own usual figures, where the class has none.
    $this->putJson("/api/sections/{$this->class->id}", ['tolerance_level' => 'exacting', 'tolerances' => $own] + $this->settings)->assertNoContent();
    $families = collect($this->getJson("/api/sections/{$this->class->id}")->json('families'));
    expect($families->firstWhere('family', 'fine-powder')['percent'])->toEqual(5)->and($families->firstWhere('family', 'oil')['percent'])->toEqual(3);
});

it('refuses tolerances without sense, and keeps what was', function (array $change, string $field) {
    $own = $change + ['percents' => [], 'small_floor_g' => 0.2, 'floor_g' => 1];
    $this->putJson("/api/sections/{$this->class->id}", ['tolerances' => $own, 'name' => 'Changed'] + $this->settings)
        ->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(Section::query()->findOrFail($this->class->id)->only(['name', 'tolerances']))
        ->toBe(['name' => $this->class->name, 'tolerances' => null]);
})->with([
    [['percents' => ['dust' => 5]], 'tolerances.percents.dust'], [['percents' => ['oil' => 0]], 'tolerances.percents.oil'],
    [['percents' => ['oil' => 'much']], 'tolerances.percents.oil'], [['floor_g' => 99], 'tolerances.floor_g'],
    [['small_floor_g' => -1], 'tolerances.small_floor_g'],
]);

it('opens a lab with no target for what nobody can check', function () {
    $lab = ($this->lab)("1 pinch of table salt\n1 cup all-purpose flour\nsalt to taste\n1 splash of milk\n1 heaped tbsp cocoa");
    $lines = $this->getJson("/api/labs/$lab/sheet")->json('lines');
    expect(array_column($lines, 'mode'))->toBe(['volume', 'checked', 'volume'])
        ->and(array_column($lines, 'name'))->toHaveCount(3);
});

it('sets a target for a pinch once the teacher says how much it is', function () {
    $recipe = $this->postJson('/api/recipes', ['text' => "It\nPinch of table salt\n1 cup all-purpose flour"])->json('id');
    $line = $this->getJson("/api/recipes/$recipe")->assertJsonPath('open', 0)->json('lines.0.id');
    $this->putJson("/api/recipes/$recipe/lines/$line", [
        'as' => 'settled', 'ingredient' => 'table-salt', 'amount' => '1/2', 'unit' => 'g', 'method' => null,
    ])->assertNoContent();
    $lab = $this->postJson(
        "/api/recipes/$recipe/labs", ['section' => $this->class->id, 'planned_for' => '2026-12-01', 'for' => 'station'],
    )->json('id');
    $this->getJson("/api/labs/$lab/sheet")->assertJsonPath('lines.0.mode', 'checked')->assertJsonPath('lines.0.target_g', 0.5);
});

it('groups lines that careful work would often miss by what helps', function () {
    $this->postJson('/api/drawer/scales', ['name' => 'Table', 'catalogue_id' => 'scale-1g-5kg'])->assertSuccessful();
    $lab = ($this->lab)("1/4 cup all-purpose flour\n1 tsp baking powder\n2 cups granulated sugar");
    $sheet = $this->getJson("/api/labs/$lab/sheet")->json();
    expect($sheet['lines'][2]['careful'])->toStartWith('Careful work is Level')->and($sheet['careful'])->not->toBe([])
        ->and(implode(' ', array_merge(...array_column($sheet['careful'], 'names'))))->toContain('Baking powder')->not->toContain('sugar');
});

it('shows the target before weighing only where the class wants it', function () {
    $lab = ($this->lab)('1 cup all-purpose flour');
    $this->postJson("/api/labs/$lab/open")->assertSuccessful();
    $target = function (): mixed {
        $this->asNobody()->asStation(Station::query()->where('section_id', $this->class->id)->firstOrFail());

        return $this->getJson('/api/work')->assertOk()->json('lines.0.aim');
    };
    expect($target())->toBeNull();
    $this->asNobody()->asTeacher($this->class->teacher);
    $this->putJson("/api/sections/{$this->class->id}", ['shows_target' => true] + $this->settings)->assertNoContent();
    expect($target())->toBe('Target 125 g');
});
