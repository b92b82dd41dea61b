<?php

declare(strict_types=1);

use App\Models\Lab;
use App\Models\StationCheck;
use App\Models\Weighing;

beforeEach(function () {
    $this->class = $this->section('Foods 1');
    $this->asTeacher($this->class->teacher);
    $this->n = 0;
    $this->ulid = fn (): string => sprintf('01JDF8Z9X3M5N7P9Q1R3S5%04d', ++$this->n);
    $this->keep = fn (string $directions): int => $this->postJson('/api/recipes', ['text' => <<<TEXT
        Small buns

        Ingredients
        2 cups bread flour
        3 tbsp butter
        1 cup whole milk

        Directions
        $directions
        TEXT])->assertCreated()->json('id');
});

it('keeps directions as steps, settled by the teacher, through later versions', function () {
    $id = ($this->keep)("Mix the flour and the butter.\nPut it into the oven.");
    $page = fn () => $this->getJson("/api/recipes/$id?section={$this->class->id}")->assertOk();
    $page()->assertJsonPath('directions.0.by', 'student')->assertJsonPath('directions.0.uses', ['Bread flour', 'Butter'])
        ->assertJsonPath('directions.1.by', 'teacher')->assertJsonPath('directions.1.cautions.0', fn (string $said) => $said !== '');
    $milk = $page()->json('lines.2.id');
    $this->putJson("/api/recipes/$id/directions/1", [
        'by' => 'with-adult', 'gloves' => true, 'note' => ' Cold butter. ', 'lines' => [$milk],
    ])->assertNoContent();
    $page()->assertJsonPath('directions.0.by', 'with-adult')->assertJsonPath('directions.0.gloves', true)
        ->assertJsonPath('directions.0.note', 'Cold butter.')->assertJsonPath('directions.0.uses', ['Whole milk']);
    $this->postJson("/api/recipes/$id/versions", [
        'text' => str_replace('3 tbsp', '4 tbsp', $page()->json('text')), 'note' => 'More butter',
    ])->assertCreated();
    $page()->assertJsonPath('version', 2)->assertJsonPath('directions.0.note', 'Cold butter.')->assertJsonPath('directions.0.uses', ['Whole milk']);
});

it('refuses what no step can have', function (string $step, array $given, string $field) {
    $id = ($this->keep)('Mix it all.');
    $this->putJson("/api/recipes/$id/directions/$step", $given + ['by' => 'student', 'gloves' => false, 'note' => null, 'lines' => []])
        ->assertUnprocessable()->assertJsonValidationErrors($field);
})->with([
    ['2', [], 'step'], ['0', [], 'step'], ['1', ['by' => 'nobody'], 'by'], ['1', ['lines' => ['x']], 'lines'],
    ['1', ['note' => str_repeat('a', 301)], 'note'], ['1', ['gloves' => 'perhaps'], 'gloves'],
]);

it('shows a released station its steps, with whom and what to mind', function () {
    $id = ($this->keep)("Mix the flour.\nPut it into the oven.");
    $lab = Lab::query()->findOrFail($this->postJson("/api/recipes/$id/labs", [
        'section' => $this->class->id, 'planned_for' => now()->toDateString(), 'for' => 'station', 'title' => 'Buns',
    ])->assertCreated()->json('id'));
    $this->getJson("/api/labs/$lab->id/sheet")->assertJsonPath('preparation.0.text', 'Yours alone: Put it into the oven.');
    $this->postJson("/api/labs/$lab->id/open")->assertNoContent();
    $station = $this->class->stations->first();
    $this->putJson('/api/labs/'.$lab->id.'/events/'.($this->ulid)(), ['kind' => 'released', 'station_id' => $station->id])->assertSuccessful();
    $this->putJson("/api/recipes/$id/directions/1", ['by' => 'student', 'gloves' => false, 'note' => 'Gently.', 'lines' => []])->assertNoContent();
    $this->asNobody()->asStation($station)->getJson('/api/work')->assertJsonPath('gate.directions.1.by', 'teacher')
        ->assertJsonPath('gate.directions.0.note', 'Gently.'); // what the teacher settles reaches an open lab, too
});

it('lets the teacher change what is done before a lab', function () {
    $lab = $this->lab($this->class, [['bread-flour', '1', 'cup']]);
    $list = fn (): array => $this->getJson("/api/labs/$lab->id/sheet")->json('preparation');
    $first = $list()[0];
    $this->putJson("/api/labs/$lab->id/preparation", ['own' => ['Fetch the aprons'], 'without' => [$first['key']]])->assertNoContent();
    expect($list()[0])->toBe(['key' => $first['key'], 'text' => $first['text'], 'own' => false, 'out' => true])
        ->and(array_slice($list(), -1)[0])->toMatchArray(['text' => 'Fetch the aprons', 'own' => true, 'out' => false]);
    $copy = $this->postJson("/api/labs/$lab->id/copy", $this->copies($lab))->json('ids.0');
    expect($this->getJson("/api/labs/$copy/sheet")->json('preparation.0.out'))->toBeTrue();
    $this->putJson("/api/labs/$lab->id/preparation", ['own' => [str_repeat('a', 161)], 'without' => []])
        ->assertUnprocessable()->assertJsonValidationErrors('own.0');
    $this->putJson("/api/labs/$lab->id/preparation", ['own' => ['a', 'a'], 'without' => []])->assertUnprocessable();
    $other = $this->section('Foods 2');
    $this->asNobody()->asTeacher($other->teacher)->putJson("/api/labs/$lab->id/preparation", ['own' => [], 'without' => []])->assertForbidden();
});

it('lets the teacher change what stations check off before they measure; all of it holds', function () {
    $url = "/api/sections/{$this->class->id}/set-up";
    $this->putJson($url, ['own' => ['Rings off'], 'without' => ['apron']])->assertNoContent();
    $this->putJson($url, ['own' => [], 'without' => ['hair', 'apron', 'hands', 'bench']])->assertUnprocessable()
        ->assertJsonValidationErrors('without');
    $points = $this->getJson("/api/sections/{$this->class->id}")->json('set_up');
    expect(array_column($points, 'out', 'key'))->toMatchArray(['hair' => false, 'apron' => true])->and(end($points)['text'])->toBe('Rings off');
    $lab = $this->lab($this->class, [['table-salt', '1', 'tsp']]);
    $this->postJson("/api/labs/$lab->id/open")->assertNoContent();
    $station = $this->class->stations->first();
    $this->asNobody()->asStation($station);
    $items = array_column($this->getJson('/api/work')->json('set_up.items'), 'said', 'id');
    expect(array_values($items))->toContain('Rings off')->and($items)->not->toHaveKey('apron');
    $tick = fn (array $ids) => $this->putJson(
        '/api/work/checks/set-up', ['id' => ($this->ulid)(), 'lab_id' => $lab->id, 'ticked' => $ids, 'student_id' => null],
    );
    $tick(['hair', 'hands', 'bench'])->assertUnprocessable()->assertJsonValidationErrors('ticked');
    $tick(array_keys($items))->assertOk();
    expect(StationCheck::query()->count())->toBe(1);
});

it('stores a weigh-in from before the set-up, and tells the board', function () {
    $lab = $this->lab($this->class, [['table-salt', '1', 'tsp']]);
    $this->postJson("/api/labs/$lab->id/open")->assertNoContent();
    $this->asNobody()->asStation($this->class->stations->first());
    $this->weigh($lab->lines()->firstOrFail(), ['grams' => '6'])->assertCreated();
    $this->travel(5)->seconds();
    $items = array_column($this->getJson('/api/work')->json('set_up.items'), 'id');
    $this->putJson('/api/work/checks/set-up', ['id' => ($this->ulid)(), 'lab_id' => $lab->id, 'ticked' => $items, 'student_id' => null])->assertOk();
    $this->travel(5)->seconds();
    $this->weigh($lab->lines()->firstOrFail(), ['grams' => '6'], ($this->ulid)())->assertCreated();
    expect(Weighing::query()->count())->toBe(2);
    $this->asNobody()->asTeacher($this->class->teacher)->getJson("/api/labs/$lab->id/board")
        ->assertJsonPath('weighings.0.before_set_up', true)->assertJsonPath('weighings.1.before_set_up', false);
});
