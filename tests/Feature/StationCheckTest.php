<?php

declare(strict_types=1);

use App\Models\Lab;
use App\Models\StationCheck;
use Hovik\Core\Lab\LabState;

const WHOLE = ['hair', 'apron', 'hands', 'bench', 'allergens'];

beforeEach(function () {
    $this->lab = $this->openLab();
    [$this->hazel, $this->rowan] = $this->lab->section->stations->all();
    $this->asStation($this->hazel);
    $this->put = fn (string $kind = 'set-up', array $given = []) => $this->putJson(
        "/api/work/checks/$kind",
        $given + [
            'id' => '01JDF8Z9X3M5N7P9Q1R3S5T7V9', 'lab_id' => $this->lab->id, 'ticked' => WHOLE,
            'student_id' => $this->hazel->students->first()->id,
        ],
    );
});

it('stands before the lab at a station, with its foods\' allergens, until all of it is ticked', function () {
    $this->getJson('/api/work')->assertJsonPath('set_up.done', false)->assertJsonPath('set_up.items.*.id', WHOLE)->assertJsonPath(
        'set_up.items.4.said', 'We know: today there is wheat',
    )
        ->assertJsonPath('set_up.care.0', 'Raw flour is not for tasting.')->assertJsonPath('clean_up.done', false);
    ($this->put)()->assertOk()->assertJsonPath('work.set_up.done', true)->assertJsonPath('work.set_up.by', 'Oona of Hazel')->assertJsonPath(
        'id', '01JDF8Z9X3M5N7P9Q1R3S5T7V9',
    );
    $this->asNobody()->asTeacher($this->lab->section->teacher)->getJson("/api/labs/{$this->lab->id}/board")
        ->assertJsonPath('stations.0.set_up', true)->assertJsonPath('stations.0.clean_up', false)
        ->assertJsonPath('stations.1.set_up', false);
});

it('is recorded once, whoever sends it again', function () {
    ($this->put)()->assertOk();
    ($this->put)('set-up', ['student_id' => $this->hazel->students[1]->id])->assertOk()->assertJsonPath('work.set_up.by', 'Oona of Hazel');
    $this->asNobody()->asStudent($this->hazel->students[1]);
    ($this->put)()->assertOk();
    expect(StationCheck::query()->count())->toBe(1);
});

it('refuses half a list, and stores nothing', function (mixed $ticked) {
    ($this->put)('set-up', ['ticked' => $ticked])->assertUnprocessable();
    expect(StationCheck::query()->count())->toBe(0);
})->with([[[]], [['hair', 'apron']], [[...WHOLE, 'dance']], ['all'], [null]]);

it('takes no name from another station', function () {
    ($this->put)('set-up', ['student_id' => $this->rowan->students->first()->id])->assertJsonValidationErrors('student_id');
});

it('can be made on the day before the lab is opened, and not on another day', function () {
    $this->lab->update(['state' => LabState::Closed, 'closed_at' => now()->subHour()]);
    $this->getJson('/api/work')->assertJsonPath('set_up', null);
    ($this->put)()->assertConflict();
    $next = $this->lab($this->lab->section, [['granulated-sugar', '1', 'cup']]);
    $next->update(['planned_for' => now()->addDay()->toDateString()]);
    $this->getJson('/api/work')->assertJsonPath('set_up', null);
    $next->update(['planned_for' => now()->toDateString()]);
    $this->getJson('/api/work')->assertJsonPath('lab', null)->assertJsonPath('set_up.items.*.id', ['hair', 'apron', 'hands', 'bench']);
    ($this->put)('set-up', ['ticked' => ['hair', 'apron', 'hands', 'bench']])->assertConflict(); // kept on a tablet since the lab before
    ($this->put)(
        'set-up', ['lab_id' => $next->id, 'ticked' => ['hair', 'apron', 'hands', 'bench']],
    )->assertOk()->assertJsonPath('work.set_up.done', true);
    ($this->put)('clean-up', ['ticked' => ['tools-back', 'scale-wiped', 'shared-back', 'waste', 'bench-wiped']])->assertConflict();
});

it('ends with cleaning up', function () {
    ($this->put)(
        'clean-up', ['ticked' => ['tools-back', 'scale-wiped', 'shared-back', 'waste', 'bench-wiped']],
    )->assertOk()->assertJsonPath('work.clean_up.done', true);
    ($this->put)('nap')->assertNotFound();
});

it('is the station\'s own', function () {
    $this->asNobody();
    ($this->put)()->assertUnauthorized();
    $this->asTeacher($this->lab->section->teacher);
    ($this->put)()->assertUnauthorized();
    $other = $this->section('Foods 2');
    $this->asNobody()->asStation($other->stations->first());
    ($this->put)()->assertConflict(); // their class has no lab
    expect(StationCheck::query()->count())->toBe(0);
});
