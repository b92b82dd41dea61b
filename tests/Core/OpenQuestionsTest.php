<?php

declare(strict_types=1);

use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\LineReader;

it('asks what a line leaves open, and nothing else', function (string $line, string $food, array $flags, array $before, array $after) {
    $read = (new LineReader(Pantry::reference()))->read($line);
    expect($read->ingredient?->id)->toBe($food)->and(array_map(static fn (Flag $flag): string => $flag->value, $read->flags))->toBe($flags)
        ->and($read->before)->toBe($before)->and($read->after)->toBe($after);
})->with([
    ['1 egg', 'egg-large', [], [], []],
    ['2 sticks butter', 'butter', [], [], []],
    ['2 barras de mantequilla', 'butter', ['package-size'], [], []],
    ['2 barras (225 g) de mantequilla', 'butter', [], [], []],
    ['1 barra de mantequilla (113 g)', 'butter', [], [], []],
    ['8 oz milk', 'whole-milk', ['ambiguous-ounce'], [], []],
    ['8 oz flour', 'all-purpose-flour', ['which-kind'], [], []],
    ['8 oz honey', 'honey', ['ambiguous-ounce'], [], []],
    ['a pinch of salt', 'table-salt', ['salt-crystal', 'not-checkable'], [], []],
    ['1 packet instant yeast', 'instant-yeast', ['package-size'], [], []],
    ['1 packet (7 g) instant yeast', 'instant-yeast', [], [], []],
    ['1 can pumpkin', 'pumpkin-puree', ['package-size'], [], []],
    ['1 (400 g) can pumpkin', 'pumpkin-puree', [], [], []],
    ['1 heaped tsp baking powder', 'baking-powder', ['not-checkable'], [], []],
    ['1 scant cup rye flour', 'rye-flour', ['not-checkable'], [], []],
    ['1 T SUGAR', 'granulated-sugar', ['ambiguous-t'], [], []],
    ['1 T granulated sugar', 'granulated-sugar', [], [], []],
    ['1 T. honey', 'honey', [], [], []],
    ['honey', 'honey', ['no-amount'], [], []],
    ['5 cc de sal', 'table-salt', ['salt-crystal', 'ambiguous-unit'], [], []],
    ['20 cc de leche', 'whole-milk', [], [], []],
    ['15 cc de leche', 'whole-milk', ['ambiguous-unit'], [], []],
    ['1 tsp salt', 'table-salt', ['salt-crystal'], [], []],
    ['1 tsp table salt', 'table-salt', [], [], []],
    ['1 cup flour', 'all-purpose-flour', ['which-kind'], [], []],
    ['1 cup brown sugar', 'light-brown-sugar', ['which-kind'], [], []],
    ['1 cup butter, melted', 'butter', [], [], ['melted']],
    ['1 cup melted butter', 'butter-melted', [], ['melted'], []],
    ['1 cup whipped cream', 'whipped-cream', [], ['whipped'], []],
    ['1 cup heavy cream, whipped', 'heavy-cream', [], [], ['whipped']],
    ['1 taza de crema batida', 'whipped-cream', ['word-order'], ['whipped'], []],
    ['1 taza de azúcar glas cernida', 'confectioners-sugar', ['word-order'], ['sifted'], []],
    ['1 taza de harina cernida', 'all-purpose-flour', ['which-kind'], ['sifted'], []],
    ['1 taza de sal cernida', 'table-salt', ['salt-crystal', 'no-figure'], ['sifted'], []],
    ['100 g de crema batida', 'whipped-cream', [], ['whipped'], []],
    ['1 cup sifted confectioners\' sugar', 'confectioners-sugar', [], ['sifted'], []],
    ['1 cup sifted rolled oats', 'rolled-oats', ['no-figure'], ['sifted'], []],
    ['1 cup rolled oats, sifted', 'rolled-oats', [], [], ['sifted']],
    ['1 cup packed milk', 'whole-milk', ['no-figure'], ['packed'], []],
    ['1 cup packed butter', 'butter', [], ['packed'], []],
    ['1 cup loosely packed honey', 'honey', ['no-figure'], ['loosely packed'], []],
    ['1 cup firmly packed brown sugar', 'light-brown-sugar', ['which-kind'], ['packed'], []],
    ['100 g packed milk', 'whole-milk', [], ['packed'], []],
    ['1 cup chopped walnuts', 'walnuts-chopped', [], ['chopped'], []],
    ['1 cup softened butter', 'butter', [], ['softened'], []],
    ['1 cup cream cheese, softened', 'cream-cheese', [], [], ['softened']],
    ['1 taza de mantequilla derretida', 'butter-melted', [], ['melted'], []],
    ['3 flour', 'all-purpose-flour', ['which-kind', 'no-unit'], [], []],
    ['3 walnuts', 'walnut-halves', [], [], []],
]);

it('offers the foods that a word may mean, the usual one first', function (string $line, array $options) {
    expect((new LineReader(Pantry::reference()))->read($line)->options)->toBe($options);
})->with([
    ['1 tsp salt', ['table-salt', 'fine-sea-salt', 'coarse-salt-light-flakes', 'coarse-salt-dense-flakes']],
    ['1 cup flour', ['all-purpose-flour', 'bread-flour', 'self-rising-flour', 'whole-wheat-flour']],
    ['1 cup brown sugar', ['light-brown-sugar', 'dark-brown-sugar']],
    ['1 tsp table salt', []], ['1 cup rye flour', []],
]);

it('asks no more once the kitchen has said what a word means', function () {
    $line = (new LineReader(Pantry::reference()->meaning(['salt' => 'fine-sea-salt', 'flour' => 'bread-flour'])))->read('1 tsp salt');
    expect($line->ingredient?->id)->toBe('fine-sea-salt')->and($line->flags)->toBe([])->and($line->options)->toBe([]);
});
