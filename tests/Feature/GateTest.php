<?php

declare(strict_types=1);

use App\Models\LabEvent;

beforeEach(function () {
    $this->lab = $this->openLab();
    $this->station = $this->lab->section->stations->first();
    [$this->flour, $this->salt] = $this->lab->lines->all();
    $this->teacher = $this->lab->section->teacher;
    $this->number = 0;
    $this->ulid = fn (): string => '01JDF8Z9X3M5N7P9Q1R3S5T'.str_pad((string) ++$this->number, 3, '0', STR_PAD_LEFT);
    $this->asStation($this->station);
    $this->look = fn (string $language = 'en') => $this->asNobody()->asTeacher($this->teacher)
        ->getJson("/api/labs/{$this->lab->id}/stations/{$this->station->id}/gate", ['Accept-Language' => $language])->assertOk();
    $this->say = fn (string $kind, array $more = []) => $this->asNobody()->asTeacher($this->teacher)->putJson(
        "/api/labs/{$this->lab->id}/events/".($this->ulid)(), ['kind' => $kind, 'station_id' => $this->station->id, ...$more],
    )->assertNoContent();
});

it('has misses first, then what nobody weighed, and says what mixing now would mean', function () {
    $this->weigh($this->flour, ['grams' => '260'])->assertCreated();
    $look = ($this->look)();
    expect($look->json('rows.*.why'))->toBe(['miss', 'not-weighed'])->and($look->json('rows.0.line_id'))->toBe($this->flour->id)
        ->and($look->json('rows.0.cause'))->not->toBeEmpty()->and($look->json('rows.0.reason'))->toBe('41 g over: measure it again.')
        ->and($look->json('open'))->toBe([$this->flour->id, $this->salt->id])->and($look->json('fine'))->toBe([])
        ->and($look->json('still'))->toBe('Still open: Bread flour 41 g over and not weighed: Table salt.')
        ->and($look->json('consequences.0'))->toContain('dry, tough and dense');
    expect(($this->look)('es')->json('still'))->toContain('41 g de más');
});

it('leaves out of the sum what was sent back or accepted, and is empty when all is fine', function () {
    $this->weigh($this->flour, ['grams' => '260'])->assertCreated();
    $this->weigh($this->salt, ['grams' => '9'], ($this->ulid)())->assertCreated();
    ($this->say)('sent-back', ['line_id' => $this->flour->id, 'detail' => ['reason' => 'again']]);
    ($this->say)('checked', ['line_id' => $this->salt->id]);
    $look = ($this->look)();
    expect($look->json('rows.*.why'))->toBe(['sent-back'])->and($look->json('fine'))->toBe([$this->salt->id])
        ->and($look->json('still'))->toBeNull()->and($look->json('open'))->toBe([]);
});

it('tells what is Level on a scale that nobody checked, and records how much was open at a release', function () {
    $this->weigh($this->flour, ['grams' => '219'])->assertCreated();
    expect(($this->look)()->json('rows.*.why'))->toBe(['unchecked', 'not-weighed']);
    ($this->say)('released', ['detail' => ['open' => 2]]);
    expect(LabEvent::query()->where('kind', 'released')->firstOrFail()->detail)->toBe(['open' => 2]);
});

it('is of a station of that class', function () {
    $other = $this->section('Foods 9');
    $this->asNobody()->asTeacher($this->teacher)->getJson("/api/labs/{$this->lab->id}/stations/{$other->stations->first()->id}/gate")
        ->assertNotFound();
});
