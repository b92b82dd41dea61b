<?php

declare(strict_types=1);

use App\Models\LabLine;
use App\Models\Weighing;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Step;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

it('opens a prepared lab and freezes its lines', function () {
    $section = $this->section();
    $lab = $this->lab($section);
    $this->asTeacher($section->teacher)->postJson("/api/labs/$lab->id/open")->assertNoContent();
    $lab->refresh();
    $flour = $lab->lines->first();
    expect($lab->state)->toBe(LabState::Open)->and($lab->lines)->toHaveCount(2)
        ->and((float) $flour->target_g)->toBe(218.75)->and($flour->frozen->target?->tolerance->percent)->toBe(8.0)
        ->and(
            array_map(fn (Fill $fill): string => $fill->tool->id, $flour->frozen->fills()),
        )->toBe(['dry-cup-us-1', 'dry-cup-us-1-2', 'dry-cup-us-1-4'])
        ->and($flour->frozen->steps())->toContain(Step::SpoonHeaped)->and($flour->frozen->method)->toBe(HouseMethod::StirSpoonLevel);
});

it('does not let later settings change what was frozen', function () {
    $lab = $this->openLab();
    $before = $lab->lines->first()->getAttributes();
    $lab->section->update(['standard' => 'metric_250', 'tolerance_level' => 'exacting', 'methods' => ['dip-sweep']]);
    $lab->items()->update(['amount' => '5']);
    expect(LabLine::query()->find($before['id'])->getAttributes())->toBe($before);
});

it('shows a lab that is open or over as it was frozen, whatever becomes of pantry, drawer and house rules', function () {
    $lab = $this->openLab();
    $flour = $lab->lines->firstOrFail();
    $this->asStation($lab->section->stations->firstOrFail());
    $this->weigh($flour, ['grams' => '262'])->assertCreated();
    $this->asNobody()->asTeacher($lab->section->teacher);
    $weighing = Weighing::query()->sole()->id;
    $read = fn (): array => array_map(fn (string $path): array => $this->getJson("/api/labs/$lab->id/$path")->assertOk()->json(), [
        'sheet', 'board', 'period', "weighings/$weighing/causes",
    ]);
    $this->travelTo(now()->startOfMinute());
    $before = $read();

    $this->putJson('/api/pantry/bread-flour', ['grams' => '150', 'reason' => 'Another mill.'])->assertNoContent();
    $lab->section->kitchen->tools()->delete();
    $lab->section->update(
        ['standard' => 'metric_250', 'tolerance_level' => 'exacting', 'methods' => ['dip-sweep'], 'schools' => ['spill' => 'discard']],
    );
    $lab->items()->update(['amount' => '5']);
    expect($read())->toEqual($before);
    $this->postJson("/api/labs/$lab->id/close")->assertNoContent();
    expect($this->getJson("/api/labs/$lab->id/sheet")->json('lines'))->toBe($before[0]['lines']);
});

it('copies a paused lab as one that goes on', function () {
    $lab = $this->openLab();
    $this->asTeacher($lab->section->teacher)->postJson("/api/labs/$lab->id/pause")->assertNoContent();
    $copy = $this->postJson("/api/labs/$lab->id/copy", $this->copies($lab))->assertCreated()->json('ids.0');
    $this->postJson("/api/labs/$lab->id/close")->assertNoContent();
    $this->postJson("/api/labs/$copy/open")->assertNoContent();
    $this->getJson("/api/labs/$copy/board")->assertJsonPath('lab.state', 'open')->assertJsonPath('lab.paused', false);
});

it('refuses to open twice, two at once, or nothing', function () {
    $section = $this->section();
    $lab = $this->openLab($section);
    $this->asTeacher($section->teacher);
    $this->postJson("/api/labs/$lab->id/open")->assertConflict()->assertJsonPath('reason', 'lab-not-prepared');
    $second = $this->lab($section);
    $this->postJson("/api/labs/$second->id/open")->assertConflict()->assertJsonPath('reason', 'another-lab-open');
    expect($second->refresh()->state)->toBe(LabState::Prepared)->and($second->lines)->toHaveCount(0);
    $this->postJson("/api/labs/$lab->id/close")->assertNoContent();
    $this->postJson("/api/labs/$lab->id/close")->assertConflict();
    $empty = $this->lab($section, []);
    $this->postJson("/api/labs/$empty->id/open")->assertConflict()->assertJsonPath('reason', 'lab-empty');
});

it('stores nothing of a lab that cannot be planned', function () {
    $section = $this->section();
    $lab = $this->lab($section, [['bread-flour', '1', 'cup'], ['table-salt', '1', 'piece']]);
    $this->asTeacher($section->teacher)->postJson("/api/labs/$lab->id/open")->assertUnprocessable();
    expect(LabLine::query()->count())->toBe(0)->and($lab->refresh()->state)->toBe(LabState::Prepared);
});

it('shows the board with every weighing and the latest verdicts counted', function () {
    $lab = $this->openLab();
    [$flour, $salt] = $lab->lines->all();
    $station = $lab->section->stations->first();
    $this->asStation($station);
    $this->weigh($flour, ['grams' => '260'], '01JDF8Z9X3M5N7P9Q1R3S5T7V1')->assertCreated();
    $this->weigh($flour, ['grams' => '219'], '01JDF8Z9X3M5N7P9Q1R3S5T7V2')->assertCreated();
    $this->weigh($salt, ['grams' => '1'], '01JDF8Z9X3M5N7P9Q1R3S5T7V3')->assertCreated();
    $board = $this->asNobody()->asTeacher($lab->section->teacher)->getJson("/api/labs/$lab->id/board")->assertOk();
    $board->assertJsonPath('totals', ['level' => 1, 'heaped' => 0, 'shy' => 1, 'too_close' => 0])
        ->assertJsonCount(3, 'weighings')->assertJsonPath('weighings.0.verdict', 'heaped')->assertJsonPath('weighings.1.attempt', 2)
        ->assertJsonPath(
            'weighings.1.student', 'Oona of Hazel',
        )->assertJsonPath('lines.0.amount', '1 3/4 cups')->assertJsonPath('lines.0.target_g', 218.75);
});

it('shows a teacher the day, with what needs a hand: of the scales, what the board says', function () {
    $lab = $this->openLab();
    $this->asTeacher($lab->section->teacher)->getJson('/api/today')->assertOk()
        ->assertJsonPath('unchecked_scales', ['Bench', 'Coarse'])->assertJsonPath('sections.0.labs.0.state', 'open')->assertJsonCount(1, 'sections');
    $scale = $lab->section->kitchen->scales->firstWhere('name', 'Bench');
    $this->postJson("/api/labs/$lab->id/scale-checks", ['scale_id' => $scale->id, 'nominal_g' => '200', 'reading_g' => '200'])->assertOk();
    $this->getJson('/api/today')->assertJsonPath('unchecked_scales', ['Coarse']);
    $board = $this->getJson("/api/labs/$lab->id/board")->json('scales');
    expect(array_column(array_filter($board, fn (array $one): bool => ! $one['checked']), 'name'))->toBe(['Coarse']);
});

it('keeps a lab to its own teacher', function (string $method, string $path) {
    $lab = $this->openLab();
    $other = $this->section('Foods 2');
    $url = sprintf($path, $lab->id);
    $this->json($method, $url)->assertUnauthorized();
    $this->asTeacher($other->teacher)->json($method, $url)->assertForbidden()->assertJsonPath(
        'message', Phrasebook::in('en')->say(Phrase::of('refusal.not-yours')),
    );
    $this->asNobody()->asStudent($lab->section->students->first())->json($method, $url)->assertUnauthorized();
    $this->asNobody()->asStation($lab->section->stations->first())->json($method, $url)->assertUnauthorized();
    expect($lab->refresh()->state)->toBe(LabState::Open);
})->with([['GET', '/api/labs/%d/board'], ['GET', '/api/labs/%d/live'], ['POST', '/api/labs/%d/open'], ['POST', '/api/labs/%d/close']]);

it('lets only the lab\'s teacher listen', function () {
    $lab = $this->openLab();
    $this->asTeacher($lab->section->teacher)->getJson("/api/labs/$lab->id/live")->assertNoContent();
    $this->getJson('/api/labs/999999/live')->assertNotFound();
});

it('shows nobody another\'s day', function () {
    $this->openLab();
    $other = $this->section('Foods 2');
    $this->getJson('/api/today')->assertUnauthorized();
    $this->asTeacher($other->teacher)->getJson('/api/today')->assertOk()
        ->assertJsonCount(1, 'sections')->assertJsonPath('sections.0.name', 'Foods 2');
});
