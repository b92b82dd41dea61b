<?php

declare(strict_types=1);

use App\Labs\OpenLab;
use App\Models\Diagnosis;
use App\Models\Guess;
use App\Models\Weighing;

beforeEach(function () {
    $section = $this->section();
    $lab = $this->lab(
        $section,
        [
            ['bread-flour', '1 3/4', 'cup'], ['whole-milk', '1', 'cup'], ['table-salt', '1/2', 'tsp'],
            ['egg-large', '2', 'piece'], ['butter', '1/2', 'cup'],
        ],
    );
    (new OpenLab)->open($lab);
    $this->lab = $lab->refresh();
    $this->flour = $this->lab->lines->first();
    $this->station = $section->stations->first();
    $this->asStation($this->station);
    $this->ulid = '01JDF8Z9X3M5N7P9Q1R3S5T7V9';
    $this->causes = "/api/weighings/$this->ulid/causes";
});

it('names the likely causes with a range, a way to tell and a next move, and what it does to the bake', function () {
    $this->weigh($this->flour, ['grams' => '262'])->assertCreated();
    $this->getJson($this->causes)->assertOk()->assertJsonPath('causes.0.id', 'dipped')->assertJsonPath(
        'causes.0.said', 'Dipped the cup into the container',
    )
        ->assertJsonPath('causes.0.likely', fn (string $said) => in_array($said, ['Likely', 'Maybe'], true))->assertJsonPath(
            'causes.0.range', fn (string $said) => preg_match('/^\d{3} to \d{3} g$/', $said) === 1,
        )
        ->assertJsonCount(3, 'causes')->assertJsonPath('asks_first', false)->assertJsonPath('none', null)
        ->assertJsonPath('consequence', 'With this much flour it turns dry, tough and dense.');
});

it('says it in Spanish', function () {
    $this->weigh($this->flour, ['grams' => '262'])->assertCreated();
    $this->getJson($this->causes, ['Accept-Language' => 'es'])->assertJsonPath('causes.0.said', 'Se metió la taza en el recipiente');
});

it('takes skipped steps, the known bowl and the scale into account', function (array $sent, string $cause) {
    $this->station->update(['bowl_g' => 187]);
    $this->weigh($this->lab->lines[$sent[0]], ['grams' => $sent[1], 'ticked' => $sent[2] ?? []])->assertCreated();
    $this->getJson($this->causes)->assertJsonPath('causes.0.id', $cause);
})->with([
    'not swept' => [[0, '270', ['clean-dry-empty', 'loosen', 'over-paper', 'spoon-heaped', 'return-excess']], 'heaped'],
    'the bowl' => [[0, '406'], 'not-tared'],
    'ounces' => [[0, '8'], 'wrong-unit'],
    'a jug read from above' => [[1, '214', ['clean-dry-empty', 'flat-surface', 'pour-near', 'top-up-curve']], 'eye-above'],
    'one egg' => [[3, '50'], 'fill-missing'],
    'the bowl under eggs' => [[3, '287'], 'not-tared'],
]);

it('blames nobody where no usual slip gives the weight', function () {
    $this->weigh($this->flour, ['grams' => '4300'])->assertCreated();
    $this->getJson($this->causes)->assertJsonPath('causes', [])->assertJsonPath('none.said', 'No common mistake gives this weight.');
    expect(Diagnosis::query()->sole()->cause)->toBeNull();
});

it('keeps what it said, once', function () {
    $this->weigh($this->flour, ['grams' => '262'])->assertCreated();
    $first = $this->getJson($this->causes)->json('causes');
    $this->station->update(['bowl_g' => 44]); // would explain it otherwise
    expect($this->getJson($this->causes)->json('causes'))->toBe($first)->and(Diagnosis::query()->count())->toBe(1);
});

it('remembers a student who often heaps', function () {
    $heaped = ['clean-dry-empty', 'loosen', 'dip-heaped'];
    $salt = $this->lab->lines[2];
    for ($i = 0; $i < 8; $i++) {
        $id = "01JDF8Z9X3M5N7P9Q1R3S5T7A$i";
        $this->travel(1)->seconds();
        $this->weigh(
            $salt, ['grams' => '5', 'ticked' => $heaped, 'scale_id' => $this->lab->section->kitchen->scales->first()->id], $id,
        )->assertCreated();
        $this->getJson("/api/weighings/$id/causes")->assertOk();
    }
    $this->travel(1)->seconds();
    $likely = fn (): float => collect($this->getJson($this->causes)->json('causes'))->firstWhere('id', 'heaped')['p'] ?? 0.0;
    $this->weigh($this->flour, ['grams' => '270'])->assertCreated();
    $often = $likely();
    Diagnosis::query()->delete();
    expect($often)->toBeGreaterThan($likely());
});

it('asks for a guess first where the class wants it, then shows both', function () {
    $this->lab->section->update(['asks_guess' => true]);
    $this->weigh($this->flour, ['grams' => '262'])->assertCreated();
    $asked = $this->getJson($this->causes)->assertJsonPath('asks_first', true)
        ->assertJsonPath('causes', [])->assertJsonPath('guess', null)->json('choices');
    expect(array_column($asked, 'id'))->toContain('dipped')->and($asked[0])->toHaveKeys(['said', 'tell']);
    $this->putJson(
        "/api/weighings/$this->ulid/guess", ['cause' => 'pressed'],
    )->assertOk()->assertJsonPath('asks_first', false)->assertJsonPath('guess', 'pressed')
        ->assertJsonPath('causes.0.id', 'dipped')->assertJsonPath('causes.0.guessed', false)->assertJsonPath('causes.1.guessed', true);
    // The first belief stays.
    $this->putJson("/api/weighings/$this->ulid/guess", ['cause' => 'dipped'])->assertOk()->assertJsonPath('guess', 'pressed');
    expect(Guess::query()->count())->toBe(1);
});

it('refuses a guess that is none of the choices, at its field', function (mixed $cause) {
    $this->weigh($this->flour, ['grams' => '262'])->assertCreated();
    $this->putJson("/api/weighings/$this->ulid/guess", ['cause' => $cause])->assertUnprocessable()->assertJsonValidationErrors('cause');
    expect(Guess::query()->count())->toBe(0);
})->with([
    'not one' => ['eye-above'], 'no cause' => ['laziness'], 'nothing' => [null], 'a list' => [['dipped']],
    'too long' => [str_repeat('x', 200)],
]);

it('shows causes to the station and its student, and to nobody else', function () {
    $this->weigh($this->flour, ['grams' => '262'])->assertCreated();
    $url = "/api/weighings/$this->ulid/guess";
    $this->asNobody()->getJson($this->causes)->assertUnauthorized();
    $this->asNobody()->putJson($url, ['cause' => 'dipped'])->assertUnauthorized();
    $this->asNobody()->asStation($this->lab->section->stations->last())->getJson($this->causes)->assertForbidden();
    $this->asNobody()->asStudent($this->lab->section->stations->last()->students->first());
    $this->getJson($this->causes)->assertForbidden();
    $this->putJson($url, ['cause' => 'dipped'])->assertForbidden();
    $this->asNobody()->asTeacher($this->lab->section->teacher)->getJson($this->causes)->assertUnauthorized();
    $this->asNobody()->asStudent($this->station->students->first())->getJson($this->causes)->assertOk();
    $this->getJson('/api/weighings/01JDF8Z9X3M5N7P9Q1R3S5T7VZ/causes')->assertNotFound();
    expect(Guess::query()->count())->toBe(0)->and(Weighing::query()->count())->toBe(1);
});
