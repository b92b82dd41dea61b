<?php

declare(strict_types=1);

beforeEach(function () {
    $this->class = $this->section();
    $this->asTeacher($this->class->teacher);
    $this->keep = fn (array $lines, array $directions = ['Mix the flour well.']): int => $this->postJson('/api/recipes', [
        'text' => implode("\n", ['Buns', 'Ingredients', ...$lines, 'Directions', ...$directions]),
    ])->assertCreated()->json('id');
    $this->change = fn (int $id, array $lines) => $this->postJson("/api/recipes/$id/versions", [
        'text' => implode("\n", ['Buns', 'Ingredients', ...$lines, 'Directions', 'Mix the flour well.']), 'note' => '',
    ])->assertCreated();
    $this->settle = fn (int $id, string $line, string $method) => $this->putJson("/api/recipes/$id/lines/$line", [
        'as' => 'settled', 'ingredient' => 'all-purpose-flour', 'amount' => '1', 'unit' => 'cup', 'method' => $method,
    ])->assertNoContent();
});

it('keeps what was settled about two equal lines apart, when the recipe changes', function () {
    $id = ($this->keep)(['1 cup all-purpose flour', '1 cup all-purpose flour', '2 eggs']);
    ($this->settle)($id, '1.1', 'dip-sweep');
    ($this->settle)($id, '1.2', 'sift-spoon-level');
    $before = $this->getJson("/api/recipes/$id")->json('lines.*.scaled.grams');
    expect($before[0])->toBeGreaterThan($before[1]); // dipped is heavier than sifted

    ($this->change)($id, ['1 cup all-purpose flour', '1 cup all-purpose flour', '3 eggs']);
    $after = $this->getJson("/api/recipes/$id")->assertJsonPath('lines.*.id', ['1.1', '1.2', '1.3']);
    expect($after->json('lines.0.scaled.grams'))->toBe($before[0])->and($after->json('lines.1.scaled.grams'))->toBe($before[1]);
});

it('keeps the id of one changed line between two that stayed, and reads its amount anew', function () {
    $id = ($this->keep)(['2 eggs', '1 cup all-purpose flour', '1/2 cup whole milk']);
    ($this->settle)($id, '1.2', 'dip-sweep');
    $one = $this->getJson("/api/recipes/$id")->json('lines.1.scaled.grams');
    ($this->change)($id, ['2 eggs', '2 cups all-purpose flour', '1/2 cup whole milk']);
    $line = $this->getJson("/api/recipes/$id")->assertJsonPath('lines.1.id', '1.2')->json('lines.1');
    expect($line['scaled']['measure'])->toBe('2 cups')->and($line['scaled']['grams'])->toEqual(2 * $one);
});

it('asks anew about another food in the same place', function () {
    $id = ($this->keep)(['2 eggs', '8 oz whole milk', '1 cup all-purpose flour']);
    $this->putJson(
        "/api/recipes/$id/lines/1.2", ['as' => 'settled', 'ingredient' => 'whole-milk', 'amount' => '8', 'unit' => 'fl-oz'],
    )->assertNoContent();
    $this->getJson("/api/recipes/$id")->assertJsonPath('open', 0);
    ($this->change)($id, ['2 eggs', '8 oz buttermilk', '1 cup all-purpose flour']);
    $this->getJson("/api/recipes/$id")->assertJsonPath('open', 1)->assertJsonPath('lines.1.questions.0.id', 'ambiguous-ounce');
});

it('counts ingredients, not the headings over them', function () {
    ($this->keep)(['For the dough:', '1 cup all-purpose flour', 'For the filling:', '2 eggs']);
    $this->getJson('/api/recipes')->assertJsonPath('0.ingredients', 2);
});

it('takes a direction that begins with any mark', function (string $direction, string $kept) {
    $id = ($this->keep)(['1 cup all-purpose flour'], [$direction]);
    $this->getJson("/api/recipes/$id")->assertOk()->assertJsonPath('directions.*.text', [$kept]);
})->with([
    'a curly quote' => ['“Mix the flour with care,” she said.', '“Mix the flour with care,” she said.'],
    'a dash' => ['— Mix the flour with care.', 'Mix the flour with care.'],
    'an arrow' => ['→ Mix the flour with care.', 'Mix the flour with care.'],
    'an ellipsis' => ['… mix the flour with care.', '… mix the flour with care.'],
    'a tick' => ['✓ Mix the flour with care.', 'Mix the flour with care.'],
    'a bullet and a number' => ['• 2) Mix the flour with care.', 'Mix the flour with care.'],
]);

it('shows a tolerance alike on the sheet and on the board', function () {
    $lab = $this->openLab($this->class);
    $sheet = $this->getJson("/api/labs/$lab->id/sheet")->json('lines.*.tolerance_decimals');
    $board = $this->getJson("/api/labs/$lab->id/board")->json('lines.*.tolerance_decimals');
    expect($board)->toBe($sheet)->and($board)->toHaveCount(2)->and($board[0])->not->toBe($board[1]);
});
