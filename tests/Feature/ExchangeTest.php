<?php

declare(strict_types=1);

use App\Models\Lab;
use App\Models\Recipe;
use Hovik\Core\Technique\HouseMethod;

beforeEach(function () {
    $this->class = $this->section();
    $this->asTeacher($this->class->teacher);
    $this->recipe = $this->postJson(
        '/api/recipes', ['text' => "Buns & more\nMakes 12\nIngredients\n1 cup sifted all-purpose flour\n8 oz milk\nDirections\nMix."],
    )->json('id');
    $this->lab = $this->postJson(
        "/api/recipes/$this->recipe/labs", ['section' => $this->class->id, 'planned_for' => '2026-12-01', 'for' => 'station'],
    )->json('id');
});

it('writes a recipe as schema.org JSON-LD and reads it back the same', function () {
    $out = $this->get("/api/recipes/$this->recipe/json-ld")->assertOk()->assertHeader(
        'Content-Type', 'application/ld+json',
    )->assertJsonPath('@type', 'Recipe')->assertJsonPath('recipeYield', '12');
    $again = $this->postJson('/api/recipes', ['text' => $out->getContent()])->assertCreated()->json('id');
    [$a, $b] = array_map(fn (int $id): array => $this->getJson("/api/recipes/$id")->json(), [$this->recipe, $again]);
    expect(array_column($b['lines'], 'text'))->toBe(
        array_column($a['lines'], 'text'),
    )->and($b['title'])->toBe('Buns & more')->and($b['directions'])->toBe($a['directions'])->and($b['makes'])->toBe('12');
});

it('finds the recipe in what pages carry', function (string $text) {
    $id = $this->postJson('/api/recipes', ['text' => $text])->assertCreated()->json('id');
    $this->getJson("/api/recipes/$id")->assertJsonPath('title', 'Oat squares')
        ->assertJsonPath('lines.0.text', '1 cup oats')->assertJsonPath('directions.0.text', 'Mix well.');
})->with([
    'a graph, in a script, with sections' => [
        '<script type="application/ld+json">{"@context":"https://schema.org","@graph":[{"@type":"WebPage"},{"@type":["Recipe"],"name":"Oat squares","recipeIngredient":["1 cup oats"],"recipeInstructions":[{"@type":"HowToSection","itemListElement":[{"@type":"HowToStep","text":"Mix well."}]}]}]}</script>',
    ],
    'a list, with one text of many lines and HTML' => [
        '[{"@type":"Recipe","name":"Oat squares","recipeYield":["16","16 squares"],"recipeIngredient":["1 cup&nbsp;oats"],"recipeInstructions":"<p>Mix well.</p><p>Bake &amp; cool.</p>"}]',
    ],
]);

it('refuses JSON without a recipe', function (string $text) {
    $this->postJson('/api/recipes', ['text' => $text])->assertUnprocessable()->assertJsonValidationErrors('text');
    expect(Recipe::query()->count())->toBe(1);
})->with(['{"@type":"Person","name":"x"}', '{"@type":"Recipe", "name": ', '[{"a":"b"}]']);

it('shares a lab as a bundle that another kitchen takes in', function () {
    $bundle = $this->get("/api/labs/$this->lab/bundle")->assertOk()->getContent();
    expect($bundle)->not->toContain('Oona')->and($bundle)->not->toContain($this->class->name);
    $other = $this->section('Foods 2');
    $this->asNobody()->asTeacher($other->teacher);
    $id = $this->postJson('/api/labs', ['section' => $other->id, 'planned_for' => '2026-12-02', 'text' => $bundle])->assertCreated()->json('id');
    $this->getJson("/api/labs/$id/sheet")->assertOk()->assertJsonPath(
        'lines.0.text', '1 cup sifted all-purpose flour',
    )->assertJsonPath('lines.0.measure', '1 cup')->assertJsonPath('title', 'Buns & more');
    expect(Lab::query()->find($id)?->items->first()?->method)->toBe(HouseMethod::SiftSpoonLevel)->and(
        Recipe::query()->where('kitchen_id', $other->kitchen_id)
            ->count(),
    )->toBe(1);
});

it('carries each line\'s way and shelf, and foods that only this kitchen has', function () {
    $own = $this->postJson(
        '/api/pantry',
        ['name' => 'Zorb meal', 'family' => 'fine-powder', 'grams' => '140', 'allergens' => [], 'reason' => 'Weighed three cups.'],
    )->json('id');
    $recipe = $this->postJson('/api/recipes', ['text' => "Zorbs\n1 cup zorb meal\n2 cups bread flour"])->json('id');
    $lab = $this->postJson(
        "/api/recipes/$recipe/labs", ['section' => $this->class->id, 'planned_for' => '2026-12-02', 'for' => 'station'],
    )->json('id');
    $item = Lab::query()->findOrFail($lab)->items->firstOrFail()->id;
    $this->putJson(
        "/api/labs/$lab/items/$item", ['strictness' => 'free', 'mode' => 'weight', 'tolerance_pct' => null, 'shared' => true],
    )->assertNoContent();
    $bundle = $this->get("/api/labs/$lab/bundle")->getContent();
    $sheet = $this->getJson("/api/labs/$lab/sheet")->json('lines');
    $same = fn (int $id): array => array_map(
        fn (array $line): array => array_diff_key($line, ['item' => 0]), $this->getJson("/api/labs/$id/sheet")->json('lines'),
    );

    // By the same kitchen, which has the food already; and by one that has never heard of it.
    $again = $this->postJson('/api/labs', ['section' => $this->class->id, 'planned_for' => '2026-12-02', 'text' => $bundle])->assertCreated()->json('id');
    expect($same($again))->toBe($same($lab))->and($sheet[0]['mode'])->toBe('weight')->and($sheet[0]['shared'])->toBeTrue();
    $other = $this->section('Foods 2');
    $this->asNobody()->asTeacher($other->teacher);
    $there = $this->postJson('/api/labs', ['section' => $other->id, 'planned_for' => '2026-12-02', 'text' => $bundle])->assertCreated()->json('id');
    $this->getJson("/api/labs/$there/sheet")->assertOk()->assertJsonPath(
        'lines.0.target_g', $sheet[0]['target_g'],
    )->assertJsonPath('lines.0.mode', 'weight')->assertJsonPath('lines.0.shared', true);
    expect($other->kitchen->ownIngredients()->count())->toBe(1)->and($own)->toBeString();
});

it('refuses a bad bundle by row and stores nothing', function (callable $spoil, string $says) {
    $bundle = json_decode((string) $this->get("/api/labs/$this->lab/bundle")->getContent(), true);
    $text = $spoil($bundle);
    $before = [Lab::query()->count(), Recipe::query()->count()];
    $this->postJson(
        '/api/labs', ['section' => $this->class->id, 'planned_for' => '2026-12-02', 'text' => is_string($text) ? $text : json_encode($text)],
    )->assertUnprocessable()->assertJsonPath('errors.text.0', fn (string $error): bool => str_contains($error, $says));
    expect([Lab::query()->count(), Recipe::query()->count()])->toBe($before);
})->with([
    'no JSON' => [fn () => 'hello', 'not JSON'],
    'something else' => [fn () => ['kind' => 'other'], 'not a shared lab'],
    'newer' => [fn (array $b) => ['version' => 99] + $b, 'newer Hovik'],
    'no lines' => [fn (array $b) => ['items' => []] + $b, '1 to 60 ingredients'],
    'an unknown ingredient' => [
        fn (array $b) => array_replace_recursive($b, ['items' => [['ingredient' => 'zorbs']]]), 'Row 1: There is no food "zorbs"',
    ],
    'an amount of nothing' => [
        fn (array $b) => array_replace_recursive($b, ['items' => [['amount' => '-3']]]), 'Row 1: An amount cannot be below zero',
    ],
    'a size that is none' => [fn (array $b) => ['factor' => 'banana'] + $b, 'banana'],
    'a way there is not' => [fn (array $b) => array_replace_recursive($b, ['items' => [['mode' => 'guessed']]]), 'Row 1:'],
    'a shelf that is no yes or no' => [fn (array $b) => array_replace_recursive($b, ['items' => [['shared' => 'perhaps']]]), 'Row 1:'],
    'a line that is no line' => [fn (array $b) => ['items' => [...$b['items'], 'x']] + $b, 'Row 2:'],
]);

it('writes the period for a calendar', function () {
    $ics = $this->get("/api/labs/$this->lab/calendar.ics")->assertOk()->assertHeader(
        'Content-Type', 'text/calendar; charset=utf-8',
    )->getContent();
    expect($ics)->toContain("BEGIN:VCALENDAR\r\n")->toContain('DTSTART:20261201T100500Z')
        ->toContain('DTEND:20261201T105200Z')->toContain('SUMMARY:Buns & more');
    foreach (explode("\r\n", (string) $ics) as $line) {
        expect(strlen($line))->toBeLessThanOrEqual(75);
    }
});

it('gives no file to another teacher, a student or nobody', function () {
    $other = $this->section('Foods 2');
    foreach (["/api/recipes/$this->recipe/json-ld", "/api/labs/$this->lab/bundle", "/api/labs/$this->lab/calendar.ics"] as $url) {
        $this->asNobody()->asTeacher($other->teacher)->getJson($url)->assertForbidden();
        $this->asNobody()->asStudent($this->class->students->first())->getJson($url)->assertUnauthorized();
        $this->asNobody()->getJson($url)->assertUnauthorized();
    }
    $this->asNobody()->postJson('/api/labs', ['section' => $this->class->id, 'planned_for' => '2026-12-02', 'text' => '{}'])->assertUnauthorized();
    $this->asNobody()->asTeacher($other->teacher)->postJson(
        '/api/labs', ['section' => $this->class->id, 'planned_for' => '2026-12-02', 'text' => '{}'],
    )->assertUnprocessable()->assertJsonValidationErrors('section');
});

it('folds a long title for a calendar within a letter\'s bytes, and hides what would end a field', function () {
    $title = 'Piñones; nueces, '.str_repeat('almendras y ñoquis ', 3).'fin';
    App\Models\Lab::query()->findOrFail($this->lab)->update(['title' => $title]);
    $ics = (string) $this->get("/api/labs/$this->lab/calendar.ics")->assertOk()->getContent();
    foreach (explode("\r\n", $ics) as $line) {
        expect(strlen($line))->toBeLessThanOrEqual(75)->and(mb_check_encoding($line, 'UTF-8'))->toBeTrue();
    }
    expect(str_replace("\r\n ", '', $ics))->toContain('SUMMARY:'.str_replace([';', ','], ['\;', '\,'], $title)."\r\n");
});
