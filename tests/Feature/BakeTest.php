<?php

declare(strict_types=1);

use App\Labs\OpenLab;
use App\Models\Bake;
use Hovik\Core\Lab\LabState;

beforeEach(function () {
    $section = $this->section();
    $lab = $this->lab($section, [['bread-flour', '1 3/4', 'cup'], ['whole-milk', '1', 'cup'], ['baking-powder', '1', 'tsp']]);
    (new OpenLab)->open($lab);
    $this->lab = $lab->refresh();
    $this->station = $section->stations->first();
    $this->asStation($this->station);
});

it('goes from a fault in the bake back to this station\'s weights, and keeps other causes apart', function () {
    $this->weigh($this->lab->lines[0], ['grams' => '262'], '01JDF8Z9X3M5N7P9Q1R3S5T7V1')->assertCreated();
    $this->weigh($this->lab->lines[1], ['grams' => '210'], '01JDF8Z9X3M5N7P9Q1R3S5T7V2')->assertCreated();
    $this->getJson('/api/bake')->assertOk()->assertJsonPath('lab', 'Buns')
        ->assertJsonPath('suspects', [])->assertJsonPath('no_suspect', null)->assertJsonCount(15, 'faults');
    $this->putJson('/api/bake/dry')->assertOk()->assertJsonCount(2, 'suspects')
        ->assertJsonPath(
            'suspects.0.said',
            fn (string $said) => str_starts_with($said, 'Whole milk: 34 g under.') || str_starts_with($said, 'Bread flour: 43 g over.'),
        )
        ->assertJsonPath('others', ['Baked too long', 'Oven too hot']);
    expect(Bake::query()->count())->toBe(1);
});

it('counts the last weighing of a line: that one went into the bowl', function () {
    $this->weigh($this->lab->lines[0], ['grams' => '262'], '01JDF8Z9X3M5N7P9Q1R3S5T7V1')->assertCreated();
    $this->weigh($this->lab->lines[0], ['grams' => '219'], '01JDF8Z9X3M5N7P9Q1R3S5T7V2')->assertCreated();
    $this->putJson('/api/bake/dry')->assertJsonPath('suspects', [])->assertJsonPath(
        'no_suspect', "None of this station's weights explains it.",
    );
});

it('takes a fault twice as once, and takes it back', function () {
    $this->putJson('/api/bake/flat')->assertOk();
    $this->putJson('/api/bake/flat')->assertOk();
    expect(Bake::query()->count())->toBe(1);
    $this->deleteJson('/api/bake/flat')->assertOk()->assertJsonPath('others', []);
    expect(Bake::query()->count())->toBe(0);
});

it('refuses a fault there is not', function () {
    $this->putJson('/api/bake/exploded')->assertUnprocessable()->assertJsonValidationErrors('fault');
    $this->deleteJson('/api/bake/exploded')->assertUnprocessable();
    expect(Bake::query()->count())->toBe(0);
});

it('logs for its own station only, and not for teachers or strangers', function () {
    $this->putJson('/api/bake/dry')->assertOk();
    $this->asNobody()->asStation(
        $this->lab->section
            ->stations->last(),
    )->getJson('/api/bake')->assertOk()->assertJsonPath('faults.0.chosen', false);
    $this->asNobody()->getJson('/api/bake')->assertUnauthorized();
    $this->asNobody()->putJson('/api/bake/dry')->assertUnauthorized();
    $this->asNobody()->asTeacher($this->lab->section->teacher)->putJson('/api/bake/dry')->assertUnauthorized();
});

it('lets a student log the bake after the lab was closed, and asks for a seat first', function () {
    $this->lab->update(['state' => LabState::Closed, 'closed_at' => now()]);
    $student = $this->station->students->first();
    $this->asNobody()->asStudent($student)->putJson('/api/bake/spread')->assertOk()->assertJsonPath('lab', 'Buns');
    $student->update(['station_id' => null]);
    $this->asNobody()->asStudent($student->refresh())->getJson('/api/bake')->assertConflict()->assertJsonPath('reason', 'not-seated');
});

it('says so while there has been no lab', function () {
    $this->asNobody()->asStation(
        $this->section('Foods 9')
            ->stations->first(),
    )->getJson('/api/bake')->assertConflict()->assertJsonPath('reason', 'lab-not-open');
});
