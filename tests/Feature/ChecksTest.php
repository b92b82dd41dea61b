<?php

declare(strict_types=1);

use App\Models\NamedTool;
use App\Models\ToolCheck;
use Hovik\Core\Weighing\Verdict;
use Illuminate\Support\Str;

beforeEach(function () {
    $this->class = $this->section();
    $this->kitchen = $this->class->kitchen;
    $this->station = $this->class->stations->first();
    $this->scale = $this->kitchen->scales->first();
    $this->water = fn (array $change = []): array => $change + [
        'kind' => 'dry-cup-us-1', 'name' => "Hazel's red cup", 'place' => 'Hazel', 'mark' => null, 'readings' => ['250', '251', '250'],
        'water' => '21', 'degrees' => 'C', 'scale_id' => $this->scale->id, 'faults' => [],
    ];
    $this->id = (string) Str::ulid();
});

it('weighs the water in a cup, and says what it really holds', function () {
    $this->asTeacher($this->class->teacher);
    $said = $this->putJson("/api/drawer/checks/{$this->id}", ($this->water)())->assertOk()->json();
    expect($said['verdict'])->toBe('use-with-correction')->and($said['true_ml'])->toEqualWithDelta(250.83, 0.02)
        ->and($said['deviation_pct'])->toEqualWithDelta(6.02, 0.02)->and($said['printed_ml'])->toEqualWithDelta(236.588, 0.001)
        ->and(array_column($said['budget'], 'from'))->toContain('how well the fills repeat', "the water's temperature")
        ->and($said['neglected'])->toContain('air');
    // Once more, and it is the same check; nothing is a tool's size before somebody says so.
    $this->putJson("/api/drawer/checks/{$this->id}", ($this->water)(['readings' => ['250', '251', '250', '250']]))->assertOk()
        ->assertJsonCount(4, 'readings');
    expect(ToolCheck::query()->count())->toBe(1)->and(NamedTool::query()->count())->toBe(0);
    $this->postJson("/api/drawer/checks/{$this->id}/accept")->assertNoContent();
    $tool = NamedTool::query()->sole();
    expect($tool->name)->toBe("Hazel's red cup")->and($tool->is_retired)->toBeFalse();
    $this->getJson('/api/drawer')->assertJsonPath('named.0.sizes.0.verdict', 'use-with-correction')->assertJsonPath('named.0.due', false);
    $this->putJson("/api/drawer/checks/{$this->id}", ($this->water)())->assertConflict();
    // Taken back, it waits again and there is no such tool.
    $this->deleteJson("/api/drawer/checks/{$this->id}/accept")->assertNoContent();
    expect(NamedTool::query()->count())->toBe(0);
    $this->getJson('/api/drawer')->assertJsonCount(1, 'waiting');
});

it('takes warm water by either thermometer for the same', function () {
    $this->asTeacher($this->class->teacher);
    $c = $this->putJson("/api/drawer/checks/{$this->id}", ($this->water)(['water' => '30,0']))->json('true_ml');
    $f = $this->putJson("/api/drawer/checks/{$this->id}", ($this->water)(['water' => '86', 'degrees' => 'F']))->json('true_ml');
    expect($f)->toEqualWithDelta($c, 1e-3);
});

it('refuses beside the field what cannot be', function (array $change, string $field) {
    $this->asTeacher($this->class->teacher);
    $this->putJson("/api/drawer/checks/{$this->id}", ($this->water)($change))->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(ToolCheck::query()->count())->toBe(0);
})->with([
    'two weighings' => [['readings' => ['250', '251']], 'readings'], 'boiling' => [['water' => '99'], 'water'],
    'a step the scale has not' => [['readings' => ['250', '250.5', '250']], 'readings.1'], 'nothing' => [['readings' => ['0', '250', '250']], 'readings.0'],
    'no such tool' => [['kind' => 'bathtub'], 'kind'], 'no such line' => [['mark' => '9 cup'], 'mark'], 'no name' => [['name' => ' '], 'name'],
]);

it('hands a student\'s check to the teacher, and keeps it from everybody else\'s hands', function () {
    $this->openLab($this->class);
    $oona = $this->station->students->first();
    $this->asStation($this->station);
    $this->getJson('/api/checking')->assertOk()->assertJsonPath('place', 'Hazel')->assertJsonPath('known', []);
    $this->putJson("/api/checks/{$this->id}", ($this->water)(['student_id' => $oona->id]))->assertOk()->assertJsonPath('by', $oona->name);
    $this->postJson("/api/checks/{$this->id}/hand-in")->assertNoContent();
    $this->asNobody()->asStation($this->class->stations->last());
    $this->putJson("/api/checks/{$this->id}", ($this->water)(['student_id' => $oona->id]))->assertForbidden();
    $this->asNobody()->asTeacher($this->class->teacher);
    $this->getJson('/api/drawer')->assertJsonPath('waiting.0.by', $oona->name);
    $this->deleteJson("/api/drawer/checks/{$this->id}")->assertNoContent();
    expect(ToolCheck::query()->sole()->state->value)->toBe('refused');
});

it('retires by a check what is off too far, or cannot be leveled', function (array $change) {
    $this->asTeacher($this->class->teacher);
    $this->putJson("/api/drawer/checks/{$this->id}", ($this->water)($change))->assertOk()->assertJsonPath('unfit', true);
    $this->postJson("/api/drawer/checks/{$this->id}/accept")->assertNoContent();
    expect(NamedTool::query()->sole()->is_retired)->toBeTrue();
})->with(['far off' => [['readings' => ['290', '291', '290']]], 'a bent rim' => [['readings' => ['236', '237', '236'], 'faults' => ['rim-flat']]]]);

it('measures at a station with its own cup: the target stays, what good technique gives is the cup\'s', function () {
    $this->asTeacher($this->class->teacher);
    $this->kitchen->tools()->where('catalogue_id', 'dry-cup-us-1')->update(['count' => 2]);
    $this->putJson("/api/drawer/checks/{$this->id}", ($this->water)())->assertOk();
    $this->postJson("/api/drawer/checks/{$this->id}/accept")->assertNoContent();
    $lab = $this->lab($this->class->refresh(), [['bread-flour', '1', 'cup']]);
    $this->postJson("/api/labs/$lab->id/open")->assertNoContent();
    $line = $lab->refresh()->lines->sole();
    [$hazel, $rowan] = [$this->class->stations->first(), $this->class->stations->last()];
    expect((float) $line->target_g)->toBe(125.0)
        ->and($line->measuredBy(null, $hazel)->expectedG())->toEqualWithDelta(125 * 250.83 / 236.588, 0.05)
        ->and($line->measuredBy(null, $rowan)->expectedG())->toEqualWithDelta(125, 0.01);
    $this->asNobody()->asStation($hazel);
    $work = $this->getJson('/api/work')->assertOk()->json('lines.0');
    expect($work['fills'][0]['called'])->toBe("Hazel's red cup")->and($work['sizes'][0])->toContain('6% more than is printed');
    $stored = $this->putJson('/api/weighings/01JDF8Z9X3M5N7P9Q1R3S5T7V8', [
        'line_id' => $line->id, 'student_id' => $hazel->students->first()->id, 'scale_id' => $this->scale->id, 'grams' => '140', 'ticked' => [],
    ])->assertCreated()->json();
    // Too much for the recipe, and right for this cup.
    expect($stored['verdict'])->toBe(Verdict::Heaped->value)->and($stored['technique']['verdict'])->toBe(Verdict::Level->value);
    $this->asNobody()->asStation($rowan);
    $this->getJson('/api/work')->assertJsonPath('lines.0.sizes', []);
});

it('checks a scale from empty to full: its correction goes into every verdict from then on, and a failed one is out', function () {
    $this->asTeacher($this->class->teacher);
    $check = fn (array $readings, bool $accept): array => [
        'weights' => array_map(static fn (int $nominal, string $reading): array => ['nominal' => (string) $nominal, 'reading' => $reading], array_keys($readings), $readings),
        'repeats' => ['500', '500', '500'], 'corners' => [], 'every' => 'term', 'accept' => $accept,
    ];
    $url = "/api/drawer/scales/{$this->scale->id}/checks";
    $high = [0 => '0', 500 => '510', 1000 => '1020'];
    $this->postJson($url, $check($high, false))->assertOk()->assertJsonPath('verdict', 'level-with-correction');
    expect($this->scale->calibrations()->count())->toBe(0); // only looked at
    $this->postJson($url, $check($high, true))->assertOk();
    expect((float) $this->scale->refresh()->span_pct)->toEqualWithDelta(2.0, 0.01)->and($this->scale->calibrations()->count())->toBe(1);
    $this->getJson('/api/drawer')->assertJsonPath('scales.0.due', false)->assertJsonCount(1, 'scales.0.history');
    $lab = $this->openLab($this->class);
    $this->asNobody()->asStation($this->station);
    // 223 on this scale is 218.6 in truth: the target is 218.75.
    $said = $this->weigh($lab->lines->first(), ['grams' => '223'])->assertCreated()->json();
    expect($said['error_g'])->toEqualWithDelta(218.63 - 218.75, 0.01)->and(implode(' ', $said['working']))->toContain('too much of it');
    $this->asNobody()->asTeacher($this->class->teacher);
    $this->postJson($url, $check([0 => '0', 500 => '540', 1000 => '980'], true))->assertOk()->assertJsonPath('verdict', 'not-level');
    expect($this->scale->refresh()->out_of_order)->toBeTrue();
});

it('shares the drawer out among the stations for a tool lab, and tells the class\'s result', function () {
    $this->asTeacher($this->class->teacher);
    $lab = $this->postJson("/api/sections/{$this->class->id}/tool-lab")->assertSuccessful()->json('id');
    $page = $this->getJson("/api/labs/$lab/tools")->assertOk()->json();
    $names = array_merge(...array_map(static fn (array $one): array => array_column($one['tools'], 'name'), $page['stations']));
    expect($page['tools'])->toBe(count($names))->toBeGreaterThan(3)->and(array_unique($names))->toHaveCount(count($names));
    // Copied to another day it is a tool lab again, shared out when it opens.
    $copy = $this->postJson("/api/labs/$lab/copy", ['copies' => [['section' => $this->class->id, 'planned_for' => '2026-12-03']]])
        ->assertSuccessful()->json('ids.0');
    $this->getJson("/api/labs/$copy/tools")->assertOk()->assertJsonPath('tools', $page['tools']);
    $this->postJson("/api/labs/$lab/open", [])->assertNoContent();
    $first = $page['stations'][0]['tools'][0]['name'];
    $this->asNobody()->asStation($this->station);
    $shared = $this->getJson('/api/checking')->assertOk()->json('shared');
    expect($shared[0]['name'])->toBe($first)->and($shared[0]['is_done'])->toBeFalse();
    $ml = Hovik\Core\Drawer\ToolCatalogue::tool($shared[0]['kind_id'], Hovik\Core\Quantity\MeasureStandard::UsCustomary);
    $many = Hovik\Core\Calibration\VolumeCheck::together($ml);
    $grams = (string) round($ml->aboutMl * $many);
    $this->putJson("/api/checks/{$this->id}", ($this->water)([
        'kind' => $shared[0]['kind_id'], 'name' => $first, 'place' => $shared[0]['place'], 'mark' => $shared[0]['mark'],
        'readings' => [$grams, $grams, $grams], 'student_id' => $this->station->students->first()->id,
    ]))->assertOk();
    $this->postJson("/api/checks/{$this->id}/hand-in")->assertNoContent();
    $this->getJson('/api/checking')->assertJsonPath('shared.0.is_done', true);
    $this->asNobody()->asTeacher($this->class->teacher);
    $this->getJson("/api/labs/$lab/tools")->assertJsonPath('checked', 1)->assertJsonPath('waiting', 1);
    $this->postJson("/api/labs/$lab/tools/accept")->assertNoContent();
    $this->getJson("/api/labs/$lab/tools")->assertJsonPath('waiting', 0);
    expect(NamedTool::query()->sole()->name)->toBe($first);
});

it('has nothing to share in an empty kitchen', function () {
    $this->asTeacher($this->class->teacher);
    $this->kitchen->tools()->delete();
    $this->postJson("/api/sections/{$this->class->id}/tool-lab")->assertConflict();
    $this->getJson('/api/drawer/checking')->assertOk()->assertJsonPath('tools', []);
});
