<?php

declare(strict_types=1);

use App\Labs\OpenLab;
use App\Models\Station;
use App\Models\Student;
use App\Models\Weighing;
use Tests\SchoolTestCase;

beforeEach(function () {
    $this->class = $this->section();
    [$this->here, $this->absent] = [$this->class->stations[0]->students[0], $this->class->stations[0]->students[1]];
    $this->lab = $this->openLab($this->class);
    $this->asStation($this->class->stations->first())->weigh($this->lab->lines->first())->assertCreated();
    $this->url = "/api/labs/{$this->lab->id}";
    $this->teaches = fn (): SchoolTestCase => $this->asNobody()->asTeacher($this->class->teacher->fresh());
    $this->phone = fn (): SchoolTestCase => $this->asNobody()->asStudent(Student::query()->findOrFail($this->absent->id));
    $this->sends = fn (string $id, string $grams = '219') => ($this->phone)()->putJson("/api/weighings/$id", [
        'line_id' => $this->lab->lines->first()->id, 'student_id' => $this->absent->id,
        'scale_id' => $this->class->kitchen->scales->first()->id, 'grams' => $grams, 'ticked' => [],
    ]);
});

it('lets whoever was away make a closed lab up, alone, and counts it as theirs', function () {
    ($this->teaches)()->putJson("$this->url/make-up/{$this->absent->id}")->assertConflict(); // the lab is not over
    $this->postJson("$this->url/close")->assertNoContent();
    $owe = array_column($this->getJson("$this->url/board")->json('owe'), 'makes_up', 'name');
    expect($owe)->toHaveKey($this->absent->name)->not->toHaveKey($this->here->name);
    ($this->sends)('01JDF8Z9X3M5N7P9Q1R3S5T7VA')->assertConflict(); // not of themselves

    ($this->teaches)()->putJson("$this->url/make-up/{$this->absent->id}")->assertNoContent();
    $work = ($this->phone)()->getJson('/api/work')->assertOk()->assertJsonPath('lab.title', 'Buns')->json();
    // Alone: nothing of what the station weighed, nobody else's name.
    expect(array_merge(...array_column($work['lines'], 'attempts')))->toBe([])->and(array_column($work['students'], 'name'))->toBe([$this->absent->name]);
    $this->putJson('/api/events/01JDF8Z9X3M5N7P9Q1R3S5T7VE', ['id' => '01JDF8Z9X3M5N7P9Q1R3S5T7VE', 'kind' => 'help', 'student_id' => $this->absent->id])->assertSuccessful();
    ($this->sends)('01JDF8Z9X3M5N7P9Q1R3S5T7VA', '260')->assertCreated();
    ($this->sends)('01JDF8Z9X3M5N7P9Q1R3S5T7VB')->assertCreated()->assertJsonPath('attempt', 2);
    expect(Weighing::query()->where('student_id', $this->absent->id)->pluck('attempt')->all())->toBe([1, 2]);

    $board = ($this->teaches)()->getJson("$this->url/board")->assertOk()->json();
    $own = collect($board['stations'])->firstWhere('makes_up', true);
    expect($own['students'])->toBe([$this->absent->name])->and(collect($board['weighings'])->where('station_id', $own['id'])->count())->toBe(2);
    $this->deleteJson("$this->url/make-up/{$this->absent->id}")->assertNoContent();
    expect(array_column($this->getJson("$this->url/board")->json('owe'), 'name'))->not->toContain($this->absent->name);
    ($this->sends)('01JDF8Z9X3M5N7P9Q1R3S5T7VC')->assertConflict();
    // Begun again it goes on where it was, at the same place.
    ($this->teaches)()->putJson("$this->url/make-up/{$this->absent->id}")->assertNoContent();
    ($this->sends)('01JDF8Z9X3M5N7P9Q1R3S5T7VD')->assertCreated()->assertJsonPath('attempt', 3);
    expect($own['name'])->toBe("Hazel +{$this->absent->roster_number}");
    ($this->teaches)()->deleteJson("$this->url/make-up/{$this->absent->id}")->assertNoContent();
    expect($this->absent->refresh()->station_id)->toBe($this->class->stations[0]->id);
});

it('is in none of the class\'s lists, and ends when the class works together again', function () {
    ($this->teaches)()->postJson("$this->url/close")->assertNoContent();
    $this->putJson("$this->url/make-up/{$this->absent->id}")->assertNoContent();
    $page = $this->getJson("/api/sections/{$this->class->id}")->assertOk()->json();
    expect(array_column($page['stations'], 'name'))->toBe(['Hazel', 'Rowan'])
        ->and(collect($page['students'])->firstWhere('id', $this->absent->id)['station_id'])->toBe($this->class->stations[0]->id)
        ->and(Station::query()->whereNotNull('makes_up_lab_id')->value('name'))->not->toContain($this->absent->name);
    (new OpenLab)->open($this->lab($this->class->fresh()));
    expect($this->absent->refresh()->station_id)->toBe($this->class->stations[0]->id);
});

it('fits a station with the longest name, for several labs', function () {
    $this->class->stations[0]->update(['name' => str_repeat('Ñ', 40)]);
    ($this->teaches)()->postJson("$this->url/close")->assertNoContent();
    $this->putJson("$this->url/make-up/{$this->absent->id}")->assertNoContent();
    $second = $this->openLab($this->class->fresh());
    $this->postJson("/api/labs/$second->id/close")->assertNoContent();
    $this->putJson("/api/labs/$second->id/make-up/{$this->absent->id}")->assertNoContent();
    expect(Station::query()->whereNotNull('makes_up_lab_id')->pluck('makes_up_lab_id')->all())->toBe([$this->lab->id, $second->id]);
});

it('is for students of the class who have a seat', function () {
    ($this->teaches)()->postJson("$this->url/close")->assertNoContent();
    $other = $this->section('Elsewhere')->students->first();
    $this->putJson("$this->url/make-up/$other->id")->assertNotFound();
    $this->absent->update(['station_id' => null]);
    $this->putJson("$this->url/make-up/{$this->absent->id}")->assertConflict()->assertJsonPath('reason', 'not-seated');
});
