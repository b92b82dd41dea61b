<?php

declare(strict_types=1);

use App\Labs\OpenLab;
use App\Models\Lab;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;

beforeEach(function () {
    $this->school = $this->section();
    $this->lab = $this->lab(
        $this->school,
        [['bread-flour', '1 3/4', 'cup'], ['whole-milk', '1', 'cup'], ['light-brown-sugar', '1/2', 'cup'], ['table-salt', '1/2', 'tsp']],
    );
    $this->url = "/api/labs/{$this->lab->id}/period";
    $this->asTeacher($this->school->teacher);
});

it('plans a lab from bell to bell by its stations, scales and times', function () {
    $plan = $this->getJson($this->url)->assertOk()->assertJsonPath('minutes', 47)->assertJsonPath('parts.0.fits', true)->assertJsonPath(
        'stations', ['Hazel', 'Rowan'],
    )->assertJsonPath('began_at', null)->json();
    $measured = array_filter($plan['parts'][0]['timeline'], fn (array $task) => $task['what'] === 'measure');
    expect($measured)->toHaveCount(8)->and(array_column($plan['blocks'], 'id'))->toBe(
        ['set-up', 'demonstration', 'check', 'mixing', 'clean-up'],
    )
        ->and(
            max(array_column($plan['parts'][0]['timeline'], 'end_s')),
        )->toBe($plan['parts'][0]['end_s'])->and($plan['parts'][0]['spare_minutes'])->toBe((int) floor((47 * 60 - $plan['parts'][0]['end_s']) / 60));
});

it('takes the teacher\'s own blocks', function () {
    $before = $this->getJson($this->url)->json('parts.0.end_s');
    $this->putJson($this->url, ['minutes' => ['demonstration' => 12.5]])->assertOk()->assertJsonPath('parts.0.end_s', $before + 450);
    $this->putJson($this->url, ['minutes' => ['clean-up' => 60]])->assertJsonPath('parts.0.fits', false)->assertJsonPath('blocks.1.minutes', 12.5);
    foreach ([['demonstration' => -1], ['demonstration' => 'long'], ['nap' => 5], ['demonstration' => 999]] as $wrong) {
        $this->putJson($this->url, ['minutes' => $wrong])->assertUnprocessable();
    }
});

it('names the one scarce thing and what one more of it would save', function () {
    $this->lab->items()->where('ingredient_id', 'light-brown-sugar')->update(['shared' => true]);
    $this->putJson($this->url, ['minutes' => ['set-up' => 0, 'demonstration' => 0, 'check' => 0, 'mixing' => 0, 'clean-up' => 0]]);
    foreach (range(3, 8) as $i) {
        $this->school->stations()->create(['name' => "Station $i", 'position' => $i, 'code' => "STATION$i"]);
    }
    $this->getJson($this->url)->assertJsonPath('parts.0.bottleneck', 'Light brown sugar')->assertJsonPath(
        'parts.0.saves.0.said', fn (string $said) => str_contains($said, 'Light brown sugar'),
    );
});

it('gives each station its order when the lab is opened', function () {
    (new OpenLab)->open($this->lab);
    $lines = $this->lab->refresh()->lines->pluck('id')->all();
    $orders = array_map(
        fn ($station) => $this->asNobody()->asStation($station)->getJson('/api/work')->json('order'),
        $this->school->stations->all(),
    );
    foreach ($orders as $order) {
        expect($order)->toEqualCanonicalizing($lines);
    }
    $this->asNobody()->asTeacher($this->school->teacher)->getJson($this->url)->assertJsonPath(
        'began_at', fn (float $at) => abs($at - time()) < 60,
    );
});

it('spans two periods: what keeps is measured first and put away, the rest next time', function () {
    $this->lab->items()->create([
        'position' => 5, 'ingredient_id' => 'egg-large', 'amount' => Amount::of('2', Unit::Piece), 'strictness' => 'structural',
    ]);
    $second = "/api/labs/{$this->lab->id}/second-period";
    $plan = $this->postJson($second)->assertOk()->json();
    $measured = fn (int $part): array => array_values(array_unique(array_column(
        array_filter($plan['parts'][$part]['timeline'], fn (array $task) => $task['what'] === 'measure'), 'name',
    )));
    $blocks = fn (int $part): array => array_values(array_unique(array_column(
        array_filter($plan['parts'][$part]['timeline'], fn (array $task) => ! in_array($task['what'], ['measure', 'weigh'], true)), 'what',
    )));
    expect($plan['in_two'])->toBeTrue()->and($measured(0))->toHaveCount(4)->and($measured(1))->toBe(['Large egg'])
        ->and($blocks(0))->toBe(['set-up', 'demonstration', 'put-away', 'clean-up'])
        ->and($blocks(1))->toBe(['set-up', 'check', 'mixing', 'clean-up'])
        ->and(array_column($plan['stored'], 'storage', 'name'))->toBe([
            'Bread flour' => 'covered', 'Whole milk' => 'cold', 'Light brown sugar' => 'covered', 'Table salt' => 'covered',
            'Large egg' => 'fresh',
        ])->and($plan['stored'][1]['how'])->toBe('Covered and labelled, in the refrigerator');
    $this->putJson($second, ['later' => [2, 5]])->assertOk()->assertJsonPath('stored.1.later', true)
        ->assertJsonPath('stored.1.how', 'Measured next time: it does not keep');
    foreach ([[9], ['x'], [2, 2], 'all', null] as $wrong) {
        $this->putJson($second, ['later' => $wrong])->assertUnprocessable();
    }
    $copy = $this->postJson("/api/labs/{$this->lab->id}/copy", $this->copies($this->lab))->json('ids.0');
    $this->getJson("/api/labs/$copy/period")->assertJsonPath('stored.1.later', true);
    $this->deleteJson($second)->assertOk()->assertJsonPath('in_two', false)->assertJsonPath('parts.0.timeline.0.what', 'set-up');
});

it('leaves for the second period what is measured then, at every station, and begins it when the teacher says', function () {
    $second = "/api/labs/{$this->lab->id}/second-period";
    $this->putJson($second, ['later' => [2, 4]])->assertOk();
    $this->postJson("/api/labs/{$this->lab->id}/second")->assertConflict(); // it is not open
    (new OpenLab)->open($this->lab->refresh());
    $lines = $this->lab->refresh()->lines->values();
    [$flour, $milk, $sugar, $salt] = $lines->all();
    $work = fn (): array => $this->asNobody()->asStation($this->school->stations->first()->fresh())->getJson('/api/work')->assertOk()->json();
    $now = $work();
    expect($now['todo'])->toEqualCanonicalizing([$flour->id, $sugar->id])->and($now['in_between'])->toBeFalse()
        ->and(array_column($now['lines'], 'later'))->toBe([false, true, false, true])
        ->and($now['lines'][0]['store'])->toBe('Covered and labelled, at room temperature');
    $this->weigh($flour, ['grams' => '219'])->assertCreated();
    $this->weigh($sugar, ['grams' => '110'], '01JDF8Z9X3M5N7P9Q1R3S5T7V8')->assertCreated();
    $between = $work();
    expect($between['todo'])->toBe([])->and($between['in_between'])->toBeTrue()->and($between['gate']['can_be_ready'])->toBeFalse();
    $this->asNobody()->asTeacher($this->school->teacher);
    $this->getJson($this->url)->assertJsonPath('running', 0);
    $this->getJson("/api/labs/{$this->lab->id}/board")->assertJsonPath('lab.first_of_two', true)
        ->assertJsonPath('stations.0.left', [$milk->id, $salt->id]);
    $this->postJson("/api/labs/{$this->lab->id}/pause")->assertNoContent();
    $this->travel(2)->days();
    $this->asNobody()->asTeacher($this->school->teacher)->postJson("/api/labs/{$this->lab->id}/second")->assertNoContent();
    $this->postJson("/api/labs/{$this->lab->id}/second")->assertConflict();
    $this->getJson($this->url)->assertJsonPath('running', 1)->assertJsonPath('began_at', fn (float $at) => abs($at - now()->timestamp) < 60);
    $then = $work();
    expect($then['todo'])->toEqualCanonicalizing([$milk->id, $salt->id])->and($then['in_between'])->toBeFalse()
        ->and($then['paused'])->toBeFalse()->and($then['lines'][0]['store'])->toBeNull();
});

it('learns from how long the class takes', function () {
    (new OpenLab)->open($this->lab);
    $flour = $this->lab->refresh()->lines->first();
    $this->asNobody()->asStation($this->school->stations->first());
    for ($i = 0; $i < 8; $i++) {
        $this->travel(150)->seconds();
        $this->weigh($flour, [], sprintf('01JDF8Z9X3M5N7P9Q1R3S5T%03d', $i))->assertCreated();
    }
    $this->travelBack();
    Lab::query()->update(['state' => LabState::Closed, 'closed_at' => now()]);
    $next = $this->lab($this->school, [['bread-flour', '1', 'cup']]);
    $measure = collect(
        $this->asNobody()->asTeacher($this->school->teacher)
            ->getJson("/api/labs/{$next->id}/period")->json('parts.0.timeline'),
    )->firstWhere('what', 'measure');
    expect($measure['end_s'] - $measure['start_s'])->toBe(180); // 2 x 150 - 30 would be 270; never more than twice the usual 90
});

it('tells how long a line takes with tools and weighed out, once enough is known', function () {
    $note = fn (): ?string => array_column(
        $this->asNobody()->asTeacher($this->school->teacher)->getJson("/api/sections/{$this->school->id}")->json('questions'), 'note', 'id',
    )['measure-by'];
    $this->lab->items()->where('ingredient_id', 'whole-milk')->update(['mode' => MeasuringMode::Weight]);
    (new OpenLab)->open($this->lab->refresh());
    [$flour, $milk] = $this->lab->refresh()->lines->values()->all();
    expect($note())->toBeNull();
    $n = 0;
    $weigh = function ($line, int $after, int $times) use (&$n): void {
        $this->asNobody()->asStation($this->school->stations->first());
        for ($i = 0; $i < $times; $i++) {
            $this->travel($after)->seconds();
            $this->weigh($line, [], sprintf('01JDF8Z9X3M5N7P9Q1R3S5T%03d', $n++))->assertCreated();
        }
    };
    $weigh($flour, 60, 7);
    expect($note())->toBe('In your labs a line takes 120 s with tools.');
    $weigh($milk, 25, 6);
    $this->travelBack();
    expect($note())->toBe('In your labs a line takes 120 s with tools. Weighed out it takes 50 s.');
});

it('is the class\'s own', function () {
    $other = $this->section('Foods 2');
    $this->asNobody()->asTeacher($other->teacher)->getJson($this->url)->assertForbidden();
    $this->putJson($this->url, ['minutes' => ['check' => 1]])->assertForbidden();
    $this->asNobody()->getJson($this->url)->assertUnauthorized();
    $this->asNobody()->asStation($this->school->stations->first())->getJson($this->url)->assertUnauthorized();
});
