<?php

declare(strict_types=1);

use App\Models\OwnWeight;

beforeEach(function () {
    $this->class = $this->section();
    $this->asTeacher($this->class->teacher);
});

it('counts the tools a kitchen owns, and plans with them', function () {
    $lab = $this->lab($this->class);
    $this->getJson("/api/labs/{$lab->id}/sheet")->assertJsonPath('lines.0.plan', '1 cup + 1/2 cup + 1/4 cup');
    $this->putJson('/api/drawer/tools/dry-cup-us-3-4', ['count' => 6, 'place' => 'shared shelf'])->assertNoContent();
    $drawer = $this->getJson('/api/drawer')->assertOk()->assertJsonCount(2, 'scales');
    expect(
        collect($drawer->json('tools'))->firstWhere('id', 'dry-cup-us-3-4'),
    )->toMatchArray(['count' => 6, 'place' => 'shared shelf', 'fit' => true])
        ->and(collect($drawer->json('tools'))->firstWhere('id', 'novelty-cup-1')['fit'])->toBeFalse();
    $this->getJson("/api/labs/{$lab->id}/sheet")->assertJsonPath('lines.0.plan', '1 cup + 3/4 cup');
    $this->putJson('/api/drawer/tools/dry-cup-us-3-4', ['count' => 0, 'place' => null])->assertNoContent();
    $this->getJson("/api/labs/{$lab->id}/sheet")->assertJsonPath('lines.0.plan', '1 cup + 1/2 cup + 1/4 cup');
});

it('refuses tools and scales that are none', function () {
    $this->putJson('/api/drawer/tools/shovel', ['count' => 1, 'place' => null])->assertUnprocessable()->assertJsonValidationErrors('id');
    $this->putJson('/api/drawer/tools/scale-1g-5kg', ['count' => 1, 'place' => null])->assertUnprocessable();
    $this->putJson(
        '/api/drawer/tools/dry-cup-us-1', ['count' => -1, 'place' => null],
    )->assertUnprocessable()->assertJsonValidationErrors('count');
    $this->postJson(
        '/api/drawer/scales', ['name' => 'Bench', 'catalogue_id' => 'scale-1g-5kg'],
    )->assertUnprocessable()->assertJsonValidationErrors('name');
    $this->postJson(
        '/api/drawer/scales', ['name' => 'New', 'catalogue_id' => 'dry-cup-us-1'],
    )->assertUnprocessable()->assertJsonValidationErrors('catalogue_id');
    expect($this->class->kitchen->scales()->count())->toBe(2);
});

it('adds a scale and takes it away while nothing was weighed on it', function () {
    $this->postJson('/api/drawer/scales', ['name' => 'Fine', 'catalogue_id' => 'scale-0-1g-500g'])->assertNoContent();
    $fine = $this->class->kitchen->scales()->where('name', 'Fine')->sole();
    $this->deleteJson("/api/drawer/scales/{$fine->id}?ask=first")->assertNoContent();
    expect($fine->fresh())->not->toBeNull();
    $this->deleteJson("/api/drawer/scales/{$fine->id}?ask=perhaps")->assertUnprocessable()->assertJsonValidationErrors('ask');
    $this->deleteJson("/api/drawer/scales/{$fine->id}")->assertNoContent();
    expect($fine->fresh())->toBeNull();
    $lab = $this->openLab($this->class);
    $this->asNobody()->asStation($this->class->stations->first());
    $this->weigh($lab->lines->first())->assertCreated();
    $this->asNobody()->asTeacher($this->class->teacher);
    $this->deleteJson("/api/drawer/scales/{$this->class->kitchen->scales->first()->id}?ask=first")->assertConflict();
    $this->deleteJson("/api/drawer/scales/{$this->class->kitchen->scales->first()->id}")->assertConflict();
});

it('uses the kitchen\'s own weight with its reason, and goes back to the reference', function () {
    $lab = $this->lab($this->class);
    $this->putJson('/api/pantry/bread-flour', ['grams' => '130,5', 'reason' => 'Our mill, nine weighings.'])->assertNoContent();
    $entry = collect($this->getJson('/api/pantry')->assertOk()->json())->firstWhere('id', 'bread-flour');
    expect($entry['grams'])->toBe(130.5)->and($entry['reference_grams'])->toBe(125)->and($entry['own']['reason'])
        ->toBe('Our mill, nine weighings.')->and($entry['source'])->toBe("one person's own figure");
    $this->getJson("/api/labs/{$lab->id}/sheet")->assertJsonPath('lines.0.target_g', 228.375);
    $this->deleteJson('/api/pantry/bread-flour')->assertNoContent();
    $this->getJson("/api/labs/{$lab->id}/sheet")->assertJsonPath('lines.0.target_g', 218.75);
});

it('keeps an opened lab as it was frozen when a weight changes', function () {
    $lab = $this->openLab($this->class);
    $this->putJson('/api/pantry/bread-flour', ['grams' => '150', 'reason' => 'Another mill.'])->assertNoContent();
    expect((float) $lab->lines()->first()?->target_g)->toBe(218.75);
    $this->getJson("/api/labs/{$lab->id}/board")->assertJsonPath('lines.0.target_g', 218.75);
});

it('refuses a weight that cannot be, and one without a reason', function (array $body, string $field) {
    $this->putJson('/api/pantry/bread-flour', $body)->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(OwnWeight::query()->count())->toBe(0);
})->with([
    [['grams' => '0', 'reason' => 'x'], 'grams'], [['grams' => '-1', 'reason' => 'x'], 'grams'],
    [['grams' => 'lots', 'reason' => 'x'], 'grams'], [['grams' => '9999', 'reason' => 'x'], 'grams'], [['grams' => '120'], 'reason'],
]);

it('knows no ingredient beyond the pantry', function () {
    $this->putJson(
        '/api/pantry/zorbs', ['grams' => '120', 'reason' => 'x'],
    )->assertUnprocessable()->assertJsonValidationErrors('ingredient');
});

it('keeps kitchens apart, and students and nobody out', function () {
    $other = $this->section('Foods 2');
    $this->asNobody()->asTeacher($other->teacher);
    $this->putJson('/api/pantry/bread-flour', ['grams' => '150', 'reason' => 'Theirs.'])->assertNoContent();
    $this->putJson('/api/drawer/tools/dry-cup-us-2', ['count' => 3, 'place' => null])->assertNoContent();
    $this->deleteJson("/api/drawer/scales/{$this->class->kitchen->scales->first()->id}")->assertForbidden();
    $this->asNobody()->asTeacher($this->class->teacher);
    expect(collect($this->getJson('/api/pantry')->json())->firstWhere('id', 'bread-flour')['own'])->toBeNull()
        ->and(collect($this->getJson('/api/drawer')->json('tools'))->firstWhere('id', 'dry-cup-us-2')['count'])->toBe(0);
    foreach ([
        ['GET', '/api/drawer'], ['PUT', '/api/drawer/tools/dry-cup-us-1'], ['POST', '/api/drawer/scales'],
        ['DELETE', '/api/drawer/scales/1'], ['GET', '/api/pantry'], ['GET', '/api/pantry/names'], ['PUT', '/api/pantry/bread-flour'],
        ['DELETE', '/api/pantry/bread-flour'],
    ] as [$method, $url]) {
        $this->asNobody()->asStudent($this->class->students->first())->json($method, $url)->assertUnauthorized();
        $this->asNobody()->json($method, $url)->assertUnauthorized();
    }
});

it('adds a food the reference does not know, reads it in recipes, and takes it away', function () {
    $id = $this->postJson(
        '/api/pantry',
        ['name' => 'Teff flour', 'family' => 'fine-powder', 'grams' => '140', 'allergens' => [], 'reason' => 'Weighed five times.'],
    )->assertCreated()->json('id');
    $this->asTeacher($this->class->teacher->fresh()); // as another request would find it
    expect($id)->toBe('own-teff-flour')->and(collect($this->getJson('/api/pantry')->json())->firstWhere('id', $id))->toMatchArray(
        ['name' => 'Teff flour', 'grams' => 140, 'added' => true, 'notes' => 'Weighed five times.'],
    );
    $recipe = $this->postJson('/api/recipes', ['text' => "Flatbread\n1 1/2 cups teff flour\n1 cup water"])->json('id');
    $this->getJson("/api/recipes/$recipe")->assertJsonPath('lines.0.reads_as', 'Teff flour')->assertJsonPath('lines.0.scaled.grams', 210);
    $lab = $this->postJson(
        "/api/recipes/$recipe/labs", ['section' => $this->class->id, 'planned_for' => '2026-12-01', 'for' => 'station'],
    )->json('id');
    $this->postJson("/api/labs/$lab/open")->assertNoContent();
    $this->asNobody()->asStation($this->class->stations->first());
    $this->getJson('/api/work')->assertJsonPath('lines.0.name', 'Teff flour');
    $this->asNobody()->asTeacher($this->class->teacher->fresh());
    $this->deleteJson("/api/pantry/$id")->assertNoContent();
    $this->asTeacher($this->class->teacher->fresh());
    $this->getJson("/api/recipes/$recipe")->assertJsonPath('lines.0.reads_as', null);
    $this->getJson("/api/labs/$lab/board")->assertOk()->assertJsonPath('lines.0.name', 'Teff flour');
});

it('refuses a food without sense', function (array $change, string $field) {
    $this->postJson(
        '/api/pantry',
        $change + ['name' => 'Teff flour', 'family' => 'fine-powder', 'grams' => '140', 'allergens' => [], 'reason' => 'x'],
    )->assertUnprocessable()->assertJsonValidationErrors($field);
    expect($this->class->kitchen->ownIngredients()->count())->toBe(0);
})->with([
    [['name' => '<b>'], 'name'], [['name' => 'x'], 'name'], [['family' => 'dust'], 'family'], [['grams' => '-1'], 'grams'],
    [['grams' => '99999'], 'grams'], [['allergens' => ['pollen']], 'allergens'], [['reason' => ''], 'reason'],
]);

it('turns grams back into the nearest measure', function () {
    $measure = fn (string $id, string $grams) => $this->getJson("/api/pantry/$id/measure?grams=$grams");
    $measure('all-purpose-flour', '93.75')->assertOk()->assertJson(['measure' => '3/4 cup', 'exact' => true]);
    $measure('butter', '14.1875')->assertOk()->assertJsonPath('measure', '1 tbsp');
    $measure('all-purpose-flour', '100')->assertOk()->assertJsonPath('exact', false);
    $measure('all-purpose-flour', '-1')->assertUnprocessable()->assertJsonValidationErrors('grams');
    $measure('egg-large', '50')->assertUnprocessable();
});

it('shares a batch out by cup', function () {
    $this->getJson('/api/portions?batch=10+cups&each=1/3+cup')->assertOk()->assertJson(['portions' => 30, 'left' => null]);
    $this->getJson('/api/portions?batch=2+1/2+cups&each=2+tbsp')->assertOk()->assertJson(['portions' => 20, 'left' => null]);
    $this->getJson('/api/portions?batch=1+cup&each=1/3+cup')->assertJsonPath('portions', 3);
    $this->getJson('/api/portions?batch=1+cup&each=3/8+cup')->assertJson(['portions' => 2, 'left' => '1/4 cup']);
    foreach ([
        ['lots', '1 cup', 'batch'], ['10 cups', '5 g', 'each'], ['1/4 cup', '1 cup', 'each'], ['0 cups', '1 cup', 'batch'],
    ] as [$batch, $each, $field]) {
        $this->getJson(
            '/api/portions?'.http_build_query(['batch' => $batch, 'each' => $each]),
        )->assertUnprocessable()->assertJsonValidationErrors($field);
    }
});

it('names every food and unit to choose from, a kitchen\'s own among them, in the reader\'s language', function () {
    $section = $this->section();
    $this->asTeacher($section->teacher);
    $this->postJson(
        '/api/pantry',
        ['name' => 'Teff flour', 'family' => 'fine-powder', 'grams' => '150', 'allergens' => [], 'reason' => 'We weighed it.'],
    )->assertSuccessful();
    $this->asNobody()->asTeacher($section->teacher->fresh());
    $names = fn (string $language) => $this->getJson('/api/pantry/names', ['Accept-Language' => $language])->assertOk();
    $english = $names('en')->json();
    $spanish = $names('es')->json();
    expect(array_column($english['ingredients'], 'id'))->toContain('own-teff-flour', 'bread-flour')
        ->and(array_column($spanish['ingredients'], 'name', 'id')['bread-flour'])->not->toBe(
            array_column($english['ingredients'], 'name', 'id')['bread-flour'],
        )
        ->and(array_column($english['units'], 'name', 'id')['cup'])->toBe('cup');
    foreach ([...$english['ingredients'], ...$english['units'], ...$spanish['units']] as $one) {
        expect($one['name'])->not->toBe('')->not->toContain('{');
    }
    $this->asNobody()->asTeacher($this->section('Foods 2')->teacher);
    expect(array_column($this->getJson('/api/pantry/names')->json('ingredients'), 'id'))->not->toContain('own-teff-flour');
});

it('plans only with tools in use, to marks that can be read, and with sets of the stations\' own', function () {
    $section = $this->section('Foods 7');
    $this->asNobody()->asTeacher($section->teacher);
    foreach ($this->getJson('/api/drawer')->json('tools') as $tool) {
        if ($tool['count'] > 0) {
            $this->putJson("/api/drawer/tools/{$tool['id']}", ['count' => 0, 'place' => null])->assertNoContent();
        }
    }
    $own = fn (string $id, array $more) => $this->putJson("/api/drawer/tools/$id", $more + ['count' => 1, 'place' => null])->assertNoContent();
    $own('dry-cup-us-1', []);
    $own('dry-cup-us-1-2', ['count' => 2]);
    $own('liquid-measure-us-2-cup', []);
    $lab = $this->lab($section, [['granulated-sugar', '1', 'cup'], ['whole-milk', '1', 'cup']]);
    $sheet = fn () => $this->getJson("/api/labs/$lab->id/sheet")->assertOk();
    $sheet()->assertJsonPath('lines.0.plan', '1 cup')->assertJsonPath('lines.1.plan', 'the 2-cup liquid measuring cup, to the 1-cup line');
    expect($sheet()->json('lines.0.warnings'))->not->toBe([]);
    // Retired: the halves do it. A line worn off: the next way.
    $own('dry-cup-us-1', ['retired' => 1]);
    $own('liquid-measure-us-2-cup', ['worn' => ['1 cup', '8 fl oz']]);
    $sheet()->assertJsonPath('lines.0.plan', '2 × 1/2 cup');
    expect($sheet()->json('lines.1.plan'))->not->toContain('to the 1-cup line');
    // What lies in every station's set is nobody's queue.
    $own('dry-cup-us-1', ['retired' => 0, 'in_set' => 1]);
    $sheet()->assertJsonPath('lines.0.plan', '1 cup')->assertJsonPath('lines.0.warnings', []);
    $this->postJson("/api/labs/$lab->id/open", ['anyway' => true])->assertNoContent();
    $this->asNobody()->asStation($section->stations->first())->getJson('/api/work')
        ->assertJsonPath('lines.0.fills.0.in_set', true)->assertJsonPath('lines.1.fills.0.in_set', false)
        ->assertJsonPath('lines.1.fetch.0', 'the 2-cup liquid measuring cup (shared shelf)');
});

it('keeps the state of a tool that is not sent, and refuses what cannot be', function () {
    $put = fn (array $more) => $this->putJson('/api/drawer/tools/dry-cup-us-2', $more + ['count' => 3, 'place' => null]);
    $put(['retired' => 1, 'in_set' => 2])->assertNoContent();
    $put(['count' => 4])->assertNoContent();
    $tool = collect($this->getJson('/api/drawer')->json('tools'))->firstWhere('id', 'dry-cup-us-2');
    expect($tool)->toMatchArray(['count' => 4, 'retired' => 1, 'in_set' => 2]);
    $put(['retired' => 4])->assertUnprocessable()->assertJsonValidationErrors('retired');
    $put(['in_set' => 10])->assertUnprocessable()->assertJsonValidationErrors('in_set');
    $put(['worn' => ['a', 'a']])->assertUnprocessable();
});

it('counts on no scale that is out of order', function () {
    $section = $this->section('Foods 8');
    $this->asNobody()->asTeacher($section->teacher);
    $scales = $this->getJson('/api/drawer')->json('scales');
    $lab = $this->lab($section, [['granulated-sugar', '1', 'cup']]);
    $working = fn () => count($this->getJson("/api/labs/$lab->id/sheet")->json('scales'));
    expect($working())->toBe(count($scales));
    $this->putJson("/api/drawer/scales/{$scales[0]['id']}", ['out_of_order' => true])->assertNoContent();
    expect($working())->toBe(count($scales) - 1);
    $this->asNobody()->asTeacher($section->teacher->fresh())->getJson('/api/drawer')->assertJsonPath('scales.0.out_of_order', true);
    $this->putJson("/api/drawer/scales/{$scales[0]['id']}", ['out_of_order' => 'perhaps'])->assertUnprocessable();
    $this->putJson("/api/drawer/scales/{$scales[0]['id']}", ['out_of_order' => false])->assertNoContent();
    expect($working())->toBe(count($scales));
});
