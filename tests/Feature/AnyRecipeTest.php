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
    $id = $this->postJson('/api/recipes', ['text' => "Pie\nIngredients\nTHE CRUSTY PART\n1 cup flour\nWith love\n2 zorbs"])->json('id');
    $lines = $this->getJson("/api/recipes/$id")->assertJsonPath('open', 3)->json('lines');
    $this->postJson("/api/recipes/$id/lines", ['as' => 'heading', 'lines' => [$lines[0]['id']]])->assertNoContent();
    $this->postJson("/api/recipes/$id/lines", ['as' => 'left-out', 'lines' => [$lines[2]['id'], $lines[3]['id']]])->assertNoContent();
    $page = $this->getJson("/api/recipes/$id")->assertJsonPath('open', 0)->json('lines');
    expect(array_column($page, 'status'))->toBe(['heading', 'read', 'unread', 'partly'])->and(array_column($page, 'skip'))
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
    $text = "Conchas\nRinde 12\nIngredientes\n2 tazas de harina\n100 g de mantequilla\n1 cda de levadura instantánea\nPreparación\nMezcla todo.";
    $id = $this->postJson('/api/recipes', ['text' => $text])->assertCreated()->json('id');
    $page = $this->getJson("/api/recipes/$id", ['Accept-Language' => 'es'])->json();
    expect(array_column($page['lines'], 'reads_as'))->toBe(['Harina de trigo', 'Mantequilla', 'Levadura seca instantánea'])
        ->and($page['text'])->toBe(implode("\n", [
            'Conchas', 'Rinde 12', '', 'Ingredientes', '2 tazas de harina', '100 g de mantequilla', '1 cda de levadura instantánea', '',
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
