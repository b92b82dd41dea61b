<?php

declare(strict_types=1);

use App\Labs\OpenLab;
use App\Models\Lab;
use Hovik\Core\Lab\LabState;

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
    $plan = $this->getJson($this->url)->assertOk()->assertJsonPath('minutes', 47)->assertJsonPath('fits', true)->assertJsonPath(
        'stations', ['Hazel', 'Rowan'],
    )->assertJsonPath('opened_at', null)->json();
    $measured = array_filter($plan['timeline'], fn (array $task) => $task['what'] === 'measure');
    expect($measured)->toHaveCount(8)->and(array_column($plan['blocks'], 'id'))->toBe(
        ['set-up', 'demonstration', 'check', 'mixing', 'clean-up'],
    )
        ->and(
            max(array_column($plan['timeline'], 'end_s')),
        )->toBe($plan['end_s'])->and($plan['spare_minutes'])->toBe((int) floor((47 * 60 - $plan['end_s']) / 60));
});

it('takes the teacher\'s own blocks', function () {
    $before = $this->getJson($this->url)->json('end_s');
    $this->putJson($this->url, ['minutes' => ['demonstration' => 12.5]])->assertOk()->assertJsonPath('end_s', $before + 450);
    $this->putJson($this->url, ['minutes' => ['clean-up' => 60]])->assertJsonPath('fits', false)->assertJsonPath('blocks.1.minutes', 12.5);
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
    $this->getJson($this->url)->assertJsonPath('bottleneck', 'Light brown sugar')->assertJsonPath(
        'saves.0.said', fn (string $said) => str_contains($said, 'Light brown sugar'),
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
        'opened_at', fn (float $at) => abs($at - time()) < 60,
    );
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
            ->getJson("/api/labs/{$next->id}/period")->json('timeline'),
    )->firstWhere('what', 'measure');
    expect($measure['end_s'] - $measure['start_s'])->toBe(180); // 2 x 150 - 30 would be 270; never more than twice the usual 90
});

it('is the class\'s own', function () {
    $other = $this->section('Foods 2');
    $this->asNobody()->asTeacher($other->teacher)->getJson($this->url)->assertForbidden();
    $this->putJson($this->url, ['minutes' => ['check' => 1]])->assertForbidden();
    $this->asNobody()->getJson($this->url)->assertUnauthorized();
    $this->asNobody()->asStation($this->school->stations->first())->getJson($this->url)->assertUnauthorized();
});
