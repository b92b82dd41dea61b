<?php

declare(strict_types=1);

use App\Models\Lab;
use App\Models\Recipe;
use App\Models\RecipeVersion;
use Hovik\Core\Lab\LabState;

const BUNS = "Oat buns\nMakes 12\n\nIngredients\n3 1/2 cups bread flour\n12 oz whole milk, warmed\n1 cup sifted powdered sugar\n2 eggs, beaten\n1 cup blue zorbs\n\nDirections\nMix the flour and sugar.\nBake in the oven.";

beforeEach(function () {
    $this->class = $this->section();
    $this->asTeacher($this->class->teacher);
    $this->keep = fn (string $text = BUNS): int => $this->postJson('/api/recipes', ['text' => $text])->assertCreated()->json('id');
});

it('keeps a pasted recipe and shows how it was read', function () {
    $id = ($this->keep)();
    $sheet = $this->getJson("/api/recipes/$id?factor=1/2")->assertOk()
        ->assertJsonPath('title', 'Oat buns')->assertJsonPath('makes', '12')->assertJsonPath('open', 2);
    $sheet->assertJsonPath(
        'lines.0.scaled.measure', '1 3/4 cups',
    )->assertJsonPath('lines.0.scaled.grams', 218.75)->assertJsonPath('lines.0.scaled.bakers_pct', 100)
        ->assertJsonPath(
            'lines.1.questions.0.id', 'ambiguous-ounce',
        )->assertJsonPath('lines.1.choices.0.settled.unit', 'fl-oz')->assertJsonPath('lines.1.scaled', null)
        ->assertJsonPath('lines.2.settled.method', 'sift-spoon-level')->assertJsonPath('lines.4.open', true)
        ->assertJsonPath('findings.0', 'Whole milk is listed but never used.');
    expect(implode('', array_column($sheet->json('lines.1.parts'), 'text')))->toBe('12 oz whole milk, warmed');
    $this->getJson('/api/recipes')->assertOk()->assertJsonCount(1)->assertJsonPath('0.title', 'Oat buns')->assertJsonPath('0.version', 1);
});

it('settles a line by one choice, leaves one out, and takes both back', function () {
    $id = ($this->keep)();
    $choice = $this->getJson("/api/recipes/$id")->json('lines.1.choices.0.settled');
    $this->putJson("/api/recipes/$id/lines/1.2", ['as' => 'settled'] + $choice)->assertNoContent();
    $this->putJson("/api/recipes/$id/lines/1.5", ['as' => 'left-out'])->assertNoContent();
    $this->getJson("/api/recipes/$id?factor=1/2")->assertJsonPath('open', 0)->assertJsonPath(
        'lines.1.scaled.measure', '6 fl oz',
    )->assertJsonPath('lines.1.scaled.grams', 183)->assertJsonPath('lines.4.skip', true);
    $this->putJson("/api/recipes/$id/lines/1.2", ['as' => 'read'])->assertNoContent();
    $this->getJson("/api/recipes/$id")->assertJsonPath('open', 1);
});

it('refuses to settle nonsense, with the field, and keeps nothing', function (array $nonsense, string $field) {
    $id = ($this->keep)();
    $this->putJson(
        "/api/recipes/$id/lines/1.2",
        $nonsense + ['as' => 'settled', 'ingredient' => 'whole-milk', 'amount' => '12', 'unit' => 'fl-oz'],
    )->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(RecipeVersion::query()->sole()->lines[1]->isSettled())->toBeFalse();
})->with([
    [['ingredient' => 'zorbs'], 'ingredient'], [['amount' => '-1'], 'amount'], [['amount' => '1e9'], 'amount'],
    [['unit' => 'bushel'], 'unit'],
    [['unit' => 'can'], 'unit'], [['unit' => 'piece'], 'unit'], [['method' => 'sift-spoon-level'], 'method'], [['as' => 'perhaps'], 'as'],
]);

it('keeps versions with a change note, and what was settled about lines that still say the same', function () {
    $id = ($this->keep)();
    $this->putJson("/api/recipes/$id/lines/1.5", ['as' => 'left-out'])->assertNoContent();
    $this->postJson(
        "/api/recipes/$id/versions", ['text' => str_replace('2 eggs', '3 eggs', BUNS), 'note' => 'One more egg: too dry.'],
    )->assertCreated()->assertJsonPath('version', 2);
    $sheet = $this->getJson("/api/recipes/$id")->assertJsonPath('version', 2)->assertJsonPath(
        'versions.0.note', 'One more egg: too dry.',
    )->assertJsonCount(2, 'versions')->assertJsonPath('lines.4.skip', true);
    expect($sheet->json('lines.3.text'))->toBe('3 eggs, beaten')->and(
        RecipeVersion::query()->orderBy('number')
            ->value('lines'),
    )->not->toBeNull();
});

it('scales to use up what is there', function () {
    $id = ($this->keep)();
    $this->getJson("/api/recipes/$id?use_up_line=1.1&use_up_g=875")->assertOk()->assertJsonPath('factor', '2')->assertJsonPath(
        'cautions.0', 'Check the pan: a deeper batter bakes differently.',
    );
    $this->getJson("/api/recipes/$id?use_up_line=1.2&use_up_g=100")->assertUnprocessable();
    foreach (['0', '-1', 'two', '1001', '1/0'] as $factor) {
        $this->getJson("/api/recipes/$id?factor=".urlencode($factor))->assertUnprocessable()->assertJsonValidationErrors('factor');
    }
});

it('refuses what is no recipe', function (string $text) {
    $this->postJson('/api/recipes', ['text' => $text])->assertUnprocessable()->assertJsonValidationErrors('text');
    expect(Recipe::query()->count())->toBe(0);
})->with(['nothing' => [''], 'endless' => [str_repeat("1 cup flour\n", 301)], 'too long' => [str_repeat('a', 30001)]]);

it('makes a lab, plans it by the class and warns before the day', function () {
    $id = ($this->keep)();
    $this->putJson(
        "/api/recipes/$id/lines/1.2", ['as' => 'settled', 'ingredient' => 'whole-milk', 'amount' => '12', 'unit' => 'fl-oz'],
    )->assertNoContent();
    $lab = $this->postJson(
        "/api/recipes/$id/labs",
        ['section' => $this->class->id, 'factor' => '1/2', 'planned_for' => '2026-12-01', 'for' => 'station'],
    )->assertCreated()->json('id');
    $sheet = $this->getJson("/api/labs/$lab/sheet")->assertOk()->assertJsonCount(4, 'lines')
        ->assertJsonPath('factor', '1/2')->assertJsonPath('state', 'prepared');
    $sheet->assertJsonPath('lines.0.measure', '1 3/4 cups')->assertJsonPath(
        'lines.0.plan', '1 cup + 1/2 cup + 1/4 cup',
    )->assertJsonPath('lines.0.strictness', 'structural')
        ->assertJsonPath('lines.1.plan', 'the 1-cup liquid measuring cup, to the 6 fl oz line')->assertJsonPath('lines.2.steps.1', 'Sift it onto paper first')
        ->assertJsonPath('supplies.0.class', '4 1/3 cups + 2 tsp')->assertJsonPath('allergens', ['wheat', 'milk', 'egg']);
    expect(array_column($sheet->json('preparation'), 'text'))->toContain(
        'Warm: Whole milk.', 'Yours alone: Bake in the oven.', 'Check against a known weight: Coarse.',
    )->not->toContain('Heat the oven. Only you open it.'); // said once
    $item = $sheet->json('lines.0.item');
    $this->putJson("/api/labs/$lab/items/$item", ['strictness' => 'free', 'tolerance_pct' => 3])->assertNoContent();
    $changed = $this->getJson("/api/labs/$lab/sheet")
        ->assertJsonPath('lines.0.tolerance_pct', 3)->assertJsonPath('lines.0.own_tolerance', true);
    expect($changed->json('lines.0.careful'))->toStartWith('Careful work is Level ')->and($changed->json('careful'))->not->toBe([]);
    $this->putJson("/api/labs/$lab/items/$item", ['strictness' => 'free', 'tolerance_pct' => 300])->assertUnprocessable();
    $this->deleteJson("/api/labs/$lab/items/$item")->assertNoContent();
    $this->getJson("/api/labs/$lab/sheet")->assertJsonCount(3, 'lines');
});

it('asks who makes that much, and says what each answer would take', function () {
    $id = ($this->keep)("Flat bread\n2 cups bread flour\n1/2 cup water");
    $sheet = $this->getJson("/api/recipes/$id?factor=2")->assertJsonPath('labs.*.for', ['class', 'station'])
        ->assertJsonPath('labs.0.each', '1')->assertJsonPath('labs.0.all', '2')
        ->assertJsonPath('labs.1.each', '2')->assertJsonPath('labs.1.all', '4');
    // Two stations and a quarter more for measuring again.
    $sheet->assertJsonPath('labs.0.supplies.0.grams', 625)->assertJsonPath('labs.1.supplies.0.grams', 1250);
    $make = ['section' => $this->class->id, 'planned_for' => '2026-12-01', 'factor' => '2'];
    foreach ([[], ['for' => null], ['for' => 'everybody']] as $answer) {
        $this->postJson("/api/recipes/$id/labs", $make + $answer)->assertUnprocessable()->assertJsonValidationErrors('for');
    }
    expect(Lab::query()->count())->toBe(0);
    foreach (['class' => ['1', '2 cups'], 'station' => ['2', '4 cups']] as $for => [$factor, $measure]) {
        $lab = $this->postJson("/api/recipes/$id/labs", $make + ['for' => $for])->assertCreated()->json('id');
        $this->getJson("/api/labs/$lab/sheet")->assertJsonPath('factor', $factor)->assertJsonPath('lines.0.measure', $measure)
            ->assertJsonPath('supplies.0.class_g', $sheet->json($for === 'class' ? 'labs.0.supplies.0.grams' : 'labs.1.supplies.0.grams'));
    }
    $this->getJson("/api/recipes/$id?factor=600")->assertOk()->assertJsonPath('labs.*.for', ['class']); // more than a kitchen holds at each
});

it('freezes a lab when it opens: later changes go to a copy', function () {
    $lab = $this->lab($this->class);
    $this->postJson("/api/labs/{$lab->id}/open")->assertNoContent();
    $item = $lab->items->first();
    $this->putJson(
        "/api/labs/{$lab->id}", ['title' => 'Other', 'section' => $lab->section_id, 'planned_for' => '2026-12-01', 'retry_pct' => 10],
    )->assertConflict()->assertJsonPath('reason', 'lab-frozen');
    $this->putJson("/api/labs/{$lab->id}/items/{$item->id}", ['strictness' => 'free', 'tolerance_pct' => null])->assertConflict();
    $this->deleteJson("/api/labs/{$lab->id}/items/{$item->id}")->assertConflict();
    $this->postJson("/api/labs/{$lab->id}/archive")->assertConflict()->assertJsonPath('reason', 'lab-is-open');
    $copy = $this->postJson("/api/labs/{$lab->id}/copy", $this->copies($lab))->assertCreated()->json('ids.0');
    $this->putJson("/api/labs/$copy", ['title' => 'Other', 'section' => $lab->section_id, 'planned_for' => '2026-12-01', 'retry_pct' => 10])->assertNoContent();
    expect(Lab::query()->find($copy)?->items()->count())->toBe(2)->and(Lab::query()->find($copy)?->state)->toBe(LabState::Prepared);
    $this->postJson("/api/labs/$copy/archive")->assertNoContent();
});

it('is closed to another teacher, to students, and to nobody', function () {
    $id = ($this->keep)();
    $lab = $this->lab($this->class);
    $item = $lab->items->first()->id;
    $other = $this->section('Foods 2');
    $calls = [
        ['GET', "/api/recipes/$id"], ['POST', "/api/recipes/$id/versions", ['text' => BUNS]],
        ['POST', "/api/recipes/$id/archive"], ['PUT', "/api/recipes/$id/lines/1.1", ['as' => 'left-out']],
        ['POST', "/api/recipes/$id/labs", ['section' => $other->id, 'planned_for' => '2026-12-01', 'for' => 'station']],
        ['GET', "/api/labs/{$lab->id}/sheet"],
        ['PUT', "/api/labs/{$lab->id}", ['title' => 'x', 'section' => $lab->section_id, 'planned_for' => '2026-12-01', 'retry_pct' => 1]],
        ['PUT', "/api/labs/{$lab->id}/items/$item", ['strictness' => 'free', 'tolerance_pct' => null]],
        ['DELETE', "/api/labs/{$lab->id}/items/$item"], ['POST', "/api/labs/{$lab->id}/copy"], ['POST', "/api/labs/{$lab->id}/archive"],
    ];
    foreach ($calls as $call) {
        [$method, $url, $body] = [...$call, []];
        $this->asNobody()->asTeacher($other->teacher)->json($method, $url, $body)->assertForbidden();
        $this->asNobody()->asStudent($this->class->students->first())->json($method, $url, $body)->assertUnauthorized();
        $this->asNobody()->json($method, $url, $body)->assertUnauthorized();
    }
    $this->asTeacher($other->teacher)->getJson('/api/recipes')->assertOk()->assertJsonCount(0);
    $this->asNobody()->asTeacher($this->class->teacher)->getJson(
        "/api/recipes/$id?section={$other->id}",
    )->assertUnprocessable()->assertJsonValidationErrors('section');
    expect(Recipe::query()->sole()->archived_at)->toBeNull()->and(Lab::query()->count())->toBe(1);
});

it('shows no lab on Today that was put away', function () {
    $lab = $this->lab($this->class);
    $this->getJson('/api/today')->assertJsonCount(1, 'sections.0.labs');
    $this->postJson("/api/labs/{$lab->id}/archive")->assertNoContent();
    $this->getJson('/api/today')->assertJsonCount(0, 'sections.0.labs');
});

it('gives the equivalents chart of the class\'s own cup', function () {
    $rows = $this->getJson('/api/chart')->assertOk()->assertJsonPath('standard', 'us_customary')->json('rows');
    expect($rows[0])->toBe(['measure' => '1 cup', 'spoons' => '16 tbsp', 'teaspoons' => '48', 'fluid_ounces' => '8', 'ml' => 236.6])
        ->and($rows[4]['spoons'])->toBe('5 tbsp + 1 tsp');
    $this->class->update(['standard' => 'au']);
    $rows = $this->getJson('/api/chart')->json('rows');
    expect($rows[0]['ml'])->toBe(250)->and($rows[0]['spoons'])->toBe('12 tbsp + 2 tsp')->and($rows[0]['fluid_ounces'])->toBeNull();
    $this->asNobody()->getJson('/api/chart')->assertUnauthorized();
});

it('weighs a line out, or leaves it to the tools, when the teacher says so', function () {
    $lab = $this->lab($this->class, [['bread-flour', '1 3/4', 'cup'], ['whole-milk', '1', 'cup'], ['blueberries-fresh', '1', 'cup']]);
    [$flour, $milk] = $lab->items->pluck('id')->all();
    $this->putJson(
        "/api/labs/{$lab->id}/items/$flour", ['strictness' => 'structural', 'tolerance_pct' => null, 'mode' => 'weight'],
    )->assertNoContent();
    $this->putJson(
        "/api/labs/{$lab->id}/items/$milk", ['strictness' => 'structural', 'tolerance_pct' => null, 'mode' => 'volume'],
    )->assertNoContent();
    $this->getJson("/api/labs/{$lab->id}/sheet")->assertJsonPath('lines.0.mode', 'weight')
        ->assertJsonPath('lines.0.fills', [])->assertJsonPath('lines.0.plan', null)->assertJsonCount(3, 'lines');
    $this->postJson("/api/labs/{$lab->id}/open")->assertNoContent();
    $this->asNobody()->asStation($this->class->stations->first());
    $this->getJson('/api/work')->assertOk()->assertJsonCount(2, 'lines')
        ->assertJsonPath('lines.0.weigh_out', '219 g')
        ->assertJsonPath('lines.0.steps.*.id', ['clean-dry-empty', 'scale-ready', 'zero-bowl', 'add-slowly', 'take-out', 'weigh'])
        ->assertJsonPath('lines.0.fetch', ['a dry bowl that holds 3 cups or more'])
        ->assertJsonPath('lines.0.why_tools', 'For this much a scale is quicker and surer.')
        ->assertJsonPath('lines.1.why_tools', 'Pieces leave gaps in a cup, so the scale measures it.')
        ->assertJsonPath('lines.1.weigh_out', '148 g');
    $this->weigh($lab->lines()->firstOrFail(), ['grams' => '219'])->assertCreated()->assertJsonPath('verdict', 'level');
});

it('opens no lab in which nothing is weighed', function () {
    $lab = $this->lab($this->class, [['whole-milk', '1', 'cup']]);
    $this->putJson(
        "/api/labs/{$lab->id}/items/{$lab->items->first()->id}",
        ['strictness' => 'structural', 'tolerance_pct' => null, 'mode' => 'volume'],
    )->assertNoContent();
    $this->postJson("/api/labs/{$lab->id}/open")->assertConflict()->assertJsonPath('reason', 'lab-empty');
    $this->putJson(
        "/api/labs/{$lab->id}/items/{$lab->items->first()->id}",
        ['strictness' => 'structural', 'tolerance_pct' => null, 'mode' => 'guess'],
    )->assertUnprocessable()->assertJsonValidationErrors('mode');
});

it('puts a recipe away for its own kitchen alone; labs made from it stay', function () {
    $id = ($this->keep)();
    $other = $this->section('Foods 2')->teacher;
    $this->asNobody()->asTeacher($other)->postJson("/api/recipes/$id/archive")->assertForbidden();
    $this->asNobody()->asTeacher($this->class->teacher)->getJson('/api/recipes')->assertJsonCount(1);
    $lab = $this->class->labs()->create(
        [
            'title' => 'Made before', 'planned_for' => '2026-12-01', 'state' => 'prepared',
            'recipe_version_id' => Recipe::query()->findOrFail($id)->newest?->id,
        ],
    );
    $this->postJson("/api/recipes/$id/archive")->assertNoContent();
    $this->getJson('/api/recipes')->assertOk()->assertJsonCount(0);
    expect($lab->refresh()->recipe_version_id)->not->toBeNull();
    $this->postJson('/api/recipes/999999/archive')->assertNotFound();
});

it('opens no lab of a class that has no stations yet: nobody could work', function () {
    $section = $this->section('Foods 3');
    $section->students()->update(['station_id' => null]);
    $section->stations()->delete();
    $lab = $this->lab($section->refresh());
    $this->asNobody()->asTeacher($section->teacher)->postJson("/api/labs/$lab->id/open")->assertStatus(409)
        ->assertJsonPath('message', 'This class has no stations yet. Add one under Class, then open the lab.');
    expect($lab->refresh()->lines()->count())->toBe(0);
});

it('reads the other lines when one asks for a million cups, and lets that one be mended', function () {
    $id = ($this->keep)("Too sweet\n1 cup all-purpose flour\n1000000 cups sugar\n90000 cups plus 90000 cups milk");
    $this->getJson("/api/recipes/$id")->assertOk()->assertJsonPath('open', 2)
        ->assertJsonPath('lines.0.open', false)->assertJsonPath('lines.1.open', true)->assertJsonPath('lines.1.scaled', null);
    $this->putJson(
        "/api/recipes/$id/lines/1.2", ['as' => 'settled', 'ingredient' => 'granulated-sugar', 'amount' => '1', 'unit' => 'cup'],
    )->assertNoContent();
    $this->getJson("/api/recipes/$id")->assertJsonPath('open', 1)->assertJsonPath('lines.1.scaled.measure', '1 cup');
});
