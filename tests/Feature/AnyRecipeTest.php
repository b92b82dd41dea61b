<?php

declare(strict_types=1);

use App\Models\OwnIngredient;
use App\Models\Recipe;

// Recipes as people have them, over HTTP: whole pages, other languages, foods nobody knows.

beforeEach(function () {
    $this->class = $this->section();
    $this->asTeacher($this->class->teacher);
});

it('keeps a whole page, and none of what stands around the recipe', function () {
    $id = $this->postJson('/api/recipes', ['text' => (string) file_get_contents(base_path('tests/Core/pages/lemon-bars.html'))])
        ->assertCreated()->json('id');
    $page = $this->getJson("/api/recipes/$id")->assertJsonPath('title', 'One-Pan Lemon Bars')->assertJsonPath('makes', '16 bars')->json();
    expect(array_column($page['lines'], 'status'))->not->toContain('unread')->and($page['lines'])->toHaveCount(11)
        ->and($page['directions'])->toHaveCount(3);
});

it('takes the recipe that a page holds for machines before the page', function () {
    $machine = '{"@type":"Recipe","name":"Oat squares","recipeIngredient":["1 cup oats"],"recipeInstructions":"Mix well."}';
    $html = "<html><body><h1>Something else</h1><script type=\"application/ld+json\">$machine</script><p>2 cups sugar</p></body></html>";
    $id = $this->postJson('/api/recipes', ['text' => $html])->assertCreated()->json('id');
    $this->getJson("/api/recipes/$id")->assertJsonPath('title', 'Oat squares')->assertJsonCount(1, 'lines');
});

it('asks for the flour of a recipe in bakers’ per cent, and keeps nothing without it', function (?string $flour) {
    $this->postJson('/api/recipes', ['text' => "Country loaf\n100% bread flour\n68% water\n2% fine sea salt", 'flour' => $flour])
        ->assertUnprocessable()->assertJsonValidationErrors('flour');
    expect(Recipe::query()->count())->toBe(0);
})->with([null, '', 'much', '0', '-5', '1e9', '200000']);

it('says a recipe in bakers’ per cent in grams', function () {
    $text = "Country loaf\n100% bread flour\nWater: 68.5%\n2% fine sea salt";
    $id = $this->postJson('/api/recipes', ['text' => $text, 'flour' => '500'])->assertCreated()->json('id');
    $page = $this->getJson("/api/recipes/$id")->json();
    expect(array_column(array_column($page['lines'], 'scaled'), 'grams'))->toEqual([500, 342.5, 10])
        ->and($page['lines'][1]['text'])->toBe('342.5 g Water (68.5%)')->and($page['open'])->toBe(0);
});

it('settles several lines in one go, and takes a heading back', function () {
    $id = $this->postJson('/api/recipes', ['text' => "Pie\nIngredients\nTHE CRUSTY PART\n1 cup flour\nWith love\n2 cups zorbs"])->json('id');
    $lines = $this->getJson("/api/recipes/$id")->assertJsonPath('open', 3)->json('lines');
    $this->postJson("/api/recipes/$id/lines", ['as' => 'heading', 'lines' => [$lines[0]['id']]])->assertNoContent();
    $this->postJson("/api/recipes/$id/lines", ['as' => 'left-out', 'lines' => [$lines[2]['id'], $lines[3]['id']]])->assertNoContent();
    $page = $this->getJson("/api/recipes/$id")->assertJsonPath('open', 0)->json('lines');
    expect($page[0]['questions'])->toBe([])->and($page[3]['said'])->toBe(['amount' => '2', 'unit' => 'cup'])
        ->and(array_column($page, 'status'))->toBe(['heading', 'read', 'unread', 'partly'])->and(array_column($page, 'skip'))
        ->toBe([false, false, true, true])->and($page[0]['mended'])->toBeTrue();
    $this->putJson("/api/recipes/$id/lines/{$lines[0]['id']}", ['as' => 'read'])->assertNoContent();
    $this->getJson("/api/recipes/$id")->assertJsonPath('lines.0.status', 'unread')->assertJsonPath('open', 1);
});

it('settles all of several lines or none', function (array $sent) {
    $id = $this->postJson('/api/recipes', ['text' => "Pie\nIngredients\nTHE CRUSTY PART\n1 cup flour"])->json('id');
    $line = $this->getJson("/api/recipes/$id")->json('lines.0.id');
    $this->postJson("/api/recipes/$id/lines", array_map(
        static fn (mixed $value): mixed => $value === ['LINE', 'nope'] ? [$line, 'nope'] : $value, $sent,
    ))->assertUnprocessable();
    $this->getJson("/api/recipes/$id")->assertJsonPath('lines.0.status', 'unread')->assertJsonPath('lines.0.skip', false);
})->with([
    [['as' => 'heading', 'lines' => []]], [['as' => 'settled', 'lines' => ['x']]], [['as' => 'heading', 'lines' => ['LINE', 'nope']]],
    [['as' => 'heading']], [['lines' => ['x']]],
]);

it('leaves a note out of what is measured', function () {
    $id = $this->postJson('/api/recipes', ['text' => "Pie\nIngredients\nNote: weigh the flour\n1 cup flour"])->json('id');
    $this->getJson("/api/recipes/$id")->assertJsonPath('lines.0.status', 'note')->assertJsonPath('lines.0.skip', true)->assertJsonPath('open', 0);
});

it('reads a Spanish recipe through to a lab, and gives it back in Spanish to be changed', function () {
    $text = "Conchas\nRinde 12\nIngredientes\n2 tazas de harina de trigo\n100 g de mantequilla\n1 cda de levadura instantánea\nPreparación\nMezcla todo.";
    $id = $this->postJson('/api/recipes', ['text' => $text])->assertCreated()->json('id');
    $page = $this->getJson("/api/recipes/$id", ['Accept-Language' => 'es'])->json();
    expect(array_column($page['lines'], 'reads_as'))->toBe(['Harina de trigo', 'Mantequilla', 'Levadura seca instantánea'])
        ->and($page['text'])->toBe(implode("\n", [
            'Conchas', 'Rinde 12', '', 'Ingredientes', '2 tazas de harina de trigo', '100 g de mantequilla', '1 cda de levadura instantánea', '',
            'Preparación', 'Mezcla todo.',
        ]));
    $lab = $this->postJson(
        "/api/recipes/$id/labs", ['section' => $this->class->id, 'planned_for' => '2026-12-01', 'for' => 'station'],
    )->assertCreated()->json('id');
    $this->getJson("/api/labs/$lab/sheet", ['Accept-Language' => 'es'])->assertJsonPath('lines.0.measure', '2 tazas');
});

it('adds a food of any name, and reads it from then on', function (string $name, string $line) {
    $new = ['name' => $name, 'family' => 'fine-powder', 'grams' => '140', 'allergens' => [], 'reason' => 'Weighed.'];
    $id = $this->postJson('/api/pantry', $new)->assertCreated()->json('id');
    $shown = mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
    expect(collect($this->getJson('/api/pantry')->json())->firstWhere('id', $id)['name'])->toBe($shown);
    $recipe = $this->postJson('/api/recipes', ['text' => "It\n$line\n1 cup milk"])->json('id');
    $this->getJson("/api/recipes/$recipe")->assertJsonPath('lines.0.reads_as', $shown);
    // Another of the same name, written otherwise, is the same to the database.
    $this->postJson('/api/pantry', ['name' => mb_strtoupper($name)] + $new)->assertUnprocessable()->assertJsonValidationErrors('name');
    expect(OwnIngredient::query()->count())->toBe(1);
})->with([
    ['ñame morado', '1 taza de ñame morado'], ['Žemlové strúhanky', '1 cup žemlové strúhanky'], ["McAda's mix", "1 cup McAda's mix"],
    ['All-rye flake', '1 cup all-rye flake'], ['小麦胚芽粉', '1 cup 小麦胚芽粉'],
]);

it('refuses what is no name', function (string $name) {
    $this->postJson('/api/pantry', ['name' => $name, 'family' => 'fine-powder', 'grams' => '140', 'allergens' => [], 'reason' => 'x'])
        ->assertUnprocessable()->assertJsonValidationErrors('name');
})->with(['', 'x', '12', '<b>flour</b>', 'a/b', "tab\there\u{202E}", str_repeat('long ', 12)]);

it('reads a recipe in cups of its own, and measures the same volume with the class’s', function () {
    $id = $this->postJson('/api/recipes', ['text' => "It\n1 cup flour\n1 tsp table salt\n250 g butter"])->json('id');
    $this->getJson("/api/recipes/$id")->assertJsonPath('lines.0.scaled.grams', 125)->assertJsonPath('recipe_standard', null);
    $this->putJson("/api/recipes/$id/standard", ['standard' => 'metric_250'])->assertNoContent();
    $page = $this->getJson("/api/recipes/$id")->assertJsonPath('recipe_standard', 'metric_250')->json();
    expect($page['lines'][0]['scaled']['measure'])->toBe('250 mL')->and(round($page['lines'][0]['scaled']['grams']))->toEqual(132)
        ->and($page['lines'][2]['scaled']['grams'])->toEqual(250)->and($page['cautions'][0])->toContain('metric cups');
    $this->putJson("/api/recipes/$id/standard", ['standard' => 'mugs'])->assertUnprocessable();
    $this->putJson("/api/recipes/$id/standard", ['standard' => null])->assertNoContent();
    $this->getJson("/api/recipes/$id")->assertJsonPath('lines.0.scaled.grams', 125)->assertJsonPath('cautions', []);
});

it('keeps a lab’s amounts when the recipe’s cups are changed afterwards', function () {
    $id = $this->postJson('/api/recipes', ['text' => "It\n1 cup all-purpose flour"])->json('id');
    $lab = $this->postJson(
        "/api/recipes/$id/labs", ['section' => $this->class->id, 'planned_for' => '2026-12-01', 'for' => 'station'],
    )->json('id');
    $this->putJson("/api/recipes/$id/standard", ['standard' => 'metric_250'])->assertNoContent();
    $this->getJson("/api/labs/$lab/sheet")->assertJsonPath('lines.0.measure', '1 cup')->assertJsonPath('lines.0.target_g', 125);
});

it('shows the recipe’s own grams, and asks whose where they are far apart', function () {
    $id = $this->postJson('/api/recipes', ['text' => "It\n1 cup (127 g) flour\n1 cup flour (150 g)\n1 cup flour"])->json('id');
    $lines = $this->getJson("/api/recipes/$id")->json('lines');
    expect($lines[0]['own_grams']['says'])->toBe('the recipe says 127 g')->and($lines[0]['own_grams']['asks'])->toBeNull()
        ->and($lines[1]['own_grams']['asks'])->toContain('150 g')->toContain('125 g')->and($lines[2]['own_grams'])->toBeNull();
    $this->putJson("/api/recipes/$id/lines/{$lines[1]['id']}", [
        'as' => 'settled', 'ingredient' => 'all-purpose-flour', 'amount' => '150', 'unit' => 'g', 'method' => null,
    ])->assertNoContent();
    $this->getJson("/api/recipes/$id")->assertJsonPath('lines.1.own_grams', null)->assertJsonPath('lines.1.scaled.grams', 150);
});

it('measures by the recipe’s own weight where that is taken, at any size, through to the lab', function () {
    $id = $this->postJson('/api/recipes', ['text' => "It\n1 cup all-purpose flour (150 g)\n1 cup all-purpose flour"])->json('id');
    $line = $this->getJson("/api/recipes/$id")->assertJsonPath('lines.0.own_grams.g_per_us_cup', '150.0000')->json('lines.0');
    $taken = [...$line['settled'], 'as' => 'settled', 'g_per_us_cup' => $line['own_grams']['g_per_us_cup']];
    $this->putJson("/api/recipes/$id/lines/{$line['id']}", $taken)->assertNoContent();
    $this->getJson("/api/recipes/$id?factor=2")->assertJsonPath('lines.0.scaled.grams', 300)->assertJsonPath('lines.0.scaled.measure', '2 cups')
        ->assertJsonPath('lines.1.scaled.grams', 250)->assertJsonPath('lines.0.scaled.source', 'the recipe itself');
    $lab = $this->postJson(
        "/api/recipes/$id/labs", ['section' => $this->class->id, 'planned_for' => '2026-12-01', 'for' => 'station'],
    )->json('id');
    $this->getJson("/api/labs/$lab/sheet")->assertJsonPath('lines.0.target_g', 150)->assertJsonPath('lines.0.measure', '1 cup')
        ->assertJsonPath('lines.1.target_g', 125);
    expect($this->class->kitchen->ownWeights()->count())->toBe(0);
});

it('takes the recipe’s weight for the whole kitchen, said once', function () {
    $id = $this->postJson('/api/recipes', ['text' => "Mine\n1 tbsp all-purpose flour (9 g)"])->json('id');
    $line = $this->getJson("/api/recipes/$id")->json('lines.0');
    $this->putJson("/api/recipes/$id/lines/{$line['id']}", [
        ...$line['settled'], 'as' => 'settled', 'g_per_us_cup' => $line['own_grams']['g_per_us_cup'], 'always' => true,
    ])->assertNoContent();
    $own = $this->class->kitchen->ownWeights()->sole();
    expect((float) $own->g_per_us_cup)->toBe(144.0)->and($own->reason)->toBe('Mine')->and($own->teacher_id)->toBe($this->class->teacher_id);
    $other = $this->postJson('/api/recipes', ['text' => "Other\n1 cup all-purpose flour"])->json('id');
    $this->getJson("/api/recipes/$other")->assertJsonPath('lines.0.scaled.grams', 144);
});

it('refuses a cup that weighs nothing, or is none', function (string $weight) {
    $id = $this->postJson('/api/recipes', ['text' => "It\n1 cup all-purpose flour"])->json('id');
    $line = $this->getJson("/api/recipes/$id")->json('lines.0');
    $this->putJson("/api/recipes/$id/lines/{$line['id']}", [...$line['settled'], 'as' => 'settled', 'g_per_us_cup' => $weight])
        ->assertUnprocessable()->assertJsonStructure(['errors' => ['g_per_us_cup']]);
})->with(['0', '3001', '-1', 'a lot', '1e3']);

it('makes no lab of a line that does not say which kind it means', function (string $line, bool $isAsked) {
    $id = $this->postJson('/api/recipes', ['text' => "It\n1 cup milk\n$line"])->json('id');
    $made = $this->postJson(
        "/api/recipes/$id/labs", ['section' => $this->class->id, 'planned_for' => '2026-12-01', 'for' => 'station'],
    );
    expect($made->json('errors.lines.0'))->toBe($isAsked ? "First say which kind is meant: $line." : null)
        ->and($this->class->labs()->count())->toBe($isAsked ? 0 : 1);
})->with([
    ['1 cup flour', true], ['1 cup packed brown sugar', true], ['1 tsp salt', true], ['2 tsp yeast', true],
    ['a pinch of salt', false], ['salt to taste', false], ['1 cup bread flour', false], ['1 cup dark brown sugar', false],
]);

it('steps to sizes a class is likely to want, from any factor', function (string $factor, ?string $less, ?string $more) {
    $id = $this->postJson('/api/recipes', ['text' => "It\n1 cup flour"])->json('id');
    $this->getJson("/api/recipes/$id?factor=".rawurlencode($factor))->assertJsonPath('less', $less)->assertJsonPath('more', $more);
})->with([['1', '3/4', '1 1/2'], ['1 9/25', '1', '1 1/2'], ['2.6', '2', '3'], ['1/6', null, '1/4'], ['200', '100', null], ['7', '6', '8']]);

it('opens nothing that no tools make within its tolerance without a question', function () {
    $this->class->kitchen->tools()->delete();
    $this->putJson('/api/drawer/tools/dry-cup-us-1-3', ['count' => 6, 'place' => null])->assertSuccessful();
    $id = $this->postJson('/api/recipes', ['text' => "It\n1/2 cup all-purpose flour"])->json('id');
    $lab = $this->postJson(
        "/api/recipes/$id/labs", ['section' => $this->class->id, 'planned_for' => '2026-12-01', 'for' => 'station'],
    )->json('id');
    $this->getJson("/api/labs/$lab/sheet")->assertJsonPath('out_of_reach', ['All-purpose flour']);
    $this->postJson("/api/labs/$lab/open")->assertConflict()->assertJsonPath('reason', 'lab-out-of-reach');
    $this->getJson("/api/labs/$lab/sheet")->assertJsonPath('state', 'prepared');
    $this->postJson("/api/labs/$lab/open", ['anyway' => true])->assertNoContent();
    $this->getJson("/api/labs/$lab/sheet")->assertJsonPath('state', 'open');
});

it('remembers what a word means in this kitchen, once it was said', function () {
    $first = $this->postJson('/api/recipes', ['text' => "It\n1 tsp salt\n1 cup whole wheat flour"])->json('id');
    $line = $this->getJson("/api/recipes/$first")->assertJsonPath('lines.0.questions.0.id', 'salt-crystal')->json('lines.0.id');
    $this->putJson("/api/recipes/$first/lines/$line", [
        'as' => 'settled', 'ingredient' => 'coarse-salt-light-flakes', 'amount' => '1', 'unit' => 'tsp', 'method' => null, 'always' => true,
    ])->assertNoContent();
    $second = $this->postJson('/api/recipes', ['text' => "It\n2 tsp salt\n1 tsp table salt"])->json('id');
    $this->getJson("/api/recipes/$second")->assertJsonPath('lines.0.questions', [])->assertJsonPath('lines.0.reads_as', 'Light-flaked coarse salt')
        ->assertJsonPath('lines.1.reads_as', 'Table salt');
    // Of a food that has but one name it is said of the line alone.
    $flour = $this->getJson("/api/recipes/$first")->json('lines.1.id');
    $this->putJson("/api/recipes/$first/lines/$flour", [
        'as' => 'settled', 'ingredient' => 'bread-flour', 'amount' => '1', 'unit' => 'cup', 'method' => null, 'always' => true,
    ])->assertNoContent();
    expect(array_keys($this->class->kitchen->refresh()->meanings ?? []))->toBe(['salt']);
    // Another kitchen says it for itself.
    $other = $this->section('Foods 2');
    $this->asNobody()->asTeacher($other->teacher);
    $third = $this->postJson('/api/recipes', ['text' => "It\n2 tsp salt"])->json('id');
    $this->getJson("/api/recipes/$third")->assertJsonPath('lines.0.questions.0.id', 'salt-crystal');
});
