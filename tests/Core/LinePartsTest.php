<?php

declare(strict_types=1);

use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\Piece;
use Hovik\Core\Recipe\ReadAmount;

it('tells what each word of a line is', function (
    string $line, string $food, string $parts, int $amounts, array $flags, array $before, array $after,
) {
    $read = (new LineReader(Pantry::reference()))->read($line);
    $told = array_filter($read->pieces, static fn (Piece $piece): bool => $piece->part !== Part::Filler);
    expect(implode(' | ', array_map(static fn (Piece $piece): string => $piece->part->value.': '.trim($piece->text), $told)))->toBe($parts)
        ->and(implode('', array_map(static fn (Piece $piece): string => $piece->text, $read->pieces)))->toBe($line)
        ->and($read->ingredient?->id)->toBe($food)->and($read->amounts)->toHaveCount($amounts)
        ->and(array_map(static fn (Flag $flag): string => $flag->value, $read->flags))->toBe($flags)
        ->and($read->before)->toBe($before)->and($read->after)->toBe($after);
})->with([
    ['1 cup orange juice, no pulp', 'orange-juice',
        'amount: 1 cup | ingredient: orange juice | note: no pulp', 1, [], [], []],
    ['1 cup rolled oats, not instant', 'rolled-oats',
        'amount: 1 cup | ingredient: rolled oats | note: not instant', 1, [], [], []],
    ['1 cup rolled oats (not instant), toasted', 'rolled-oats',
        'amount: 1 cup | ingredient: rolled oats | note: not instant | handling: toasted', 1, [], [], ['toasted']],
    ['1 cup sugar, plus 2 tbsp', 'granulated-sugar',
        'amount: 1 cup | ingredient: sugar | amount: plus 2 tbsp', 2, [], [], []],
    ['1 cup sugar plus 2 tbsp for the pan', 'granulated-sugar',
        'amount: 1 cup | ingredient: sugar | note: plus 2 tbsp for the pan', 1, ['held-back'], [], []],
    ['1 cup sugar, plus more for dusting', 'granulated-sugar',
        'amount: 1 cup | ingredient: sugar | note: plus more for dusting', 1, ['held-back'], [], []],
    ['1/2 cup butter or margarine', 'butter',
        'amount: 1/2 cup | ingredient: butter | note: or margarine', 1, ['alternative'], [], []],
    ['1 cup walnuts or pecans, chopped', 'walnut-halves',
        'amount: 1 cup | ingredient: walnuts | note: or pecans | handling: chopped', 1, ['alternative'], [], ['chopped']],
    ['2 potatoes, cut into 2 cm cubes', 'potatoes-diced',
        'amount: 2 | ingredient: potatoes | handling: cut | note: into 2 cm cubes', 1, [], [], ['cut']],
    ['1 cup flour (125 g)', 'all-purpose-flour',
        'amount: 1 cup | ingredient: flour | package: (125 g)', 1, ['which-kind'], [], []],
    ['1 cup rye flour (about 110 g)', 'rye-flour',
        'amount: 1 cup | ingredient: rye flour | package: (about 110 g)', 1, [], [], []],
    ['rye flour (250 g)', 'rye-flour',
        'ingredient: rye flour | package: (250 g)', 1, [], [], []],
    ['1 (400 g) can pumpkin puree', 'pumpkin-puree',
        'amount: 1 | package: (400 g) | amount: can | ingredient: pumpkin puree', 1, [], [], []],
    ['1 cup freshly grated parmesan', 'hard-cheese-grated',
        'amount: 1 cup | handling: freshly grated | ingredient: parmesan', 1, [], ['grated'], []],
    ['1 cup parmesan, freshly grated', 'hard-cheese-grated',
        'amount: 1 cup | ingredient: parmesan | handling: freshly grated', 1, ['which-form'], [], ['grated']],
    ['1 cup finely chopped walnuts', 'walnuts-chopped',
        'amount: 1 cup | handling: finely chopped | ingredient: walnuts', 1, [], ['chopped'], []],
    ['1 cup walnuts, very finely chopped and toasted', 'walnut-halves',
        'amount: 1 cup | ingredient: walnuts | note: very | handling: finely chopped | note: and | handling: toasted', 1, [], [], ['chopped', 'toasted']],
    ['1 tsp vanilla extract, optional', 'vanilla-extract',
        'amount: 1 tsp | ingredient: vanilla extract | note: optional', 1, ['optional'], [], []],
    ['2 eggs, at room temperature', 'egg-large',
        'amount: 2 | ingredient: eggs | note: at room temperature', 1, [], [], []],
    ['2 large eggs, lightly beaten', 'egg-large',
        'amount: 2 | ingredient: large eggs | handling: lightly beaten', 1, [], [], ['beaten']],
    ['1 cup milk (whole or 2%)', 'whole-milk',
        'amount: 1 cup | ingredient: milk | note: whole or 2', 1, [], [], []],
    ['1 tbsp honey ; warmed', 'honey',
        'amount: 1 tbsp | ingredient: honey | handling: warmed', 1, [], [], ['warmed']],
    ['1 cup raisins, soaked in hot water for 10 minutes', 'raisins',
        'amount: 1 cup | ingredient: raisins | handling: soaked | note: in hot | unread: water | note: for 10 minutes', 1, ['unread-words'], [], ['soaked']],
    ['3 tbsp butter, melted and cooled', 'butter',
        'amount: 3 tbsp | ingredient: butter | handling: melted | note: and | handling: cooled', 1, [], [], ['melted', 'cooled']],
    ['1 cup carrots, peeled and grated', 'carrot-grated',
        'amount: 1 cup | ingredient: carrots | handling: peeled | note: and | handling: grated', 1, ['which-form'], [], ['peeled', 'grated']],
    ['1 taza de nueces picadas', 'pecans-chopped',
        'amount: 1 taza | ingredient: nueces | handling: picadas', 1, ['which-kind'], ['chopped'], []],
    ['1 taza de nueces, ya picadas', 'pecan-halves',
        'amount: 1 taza | ingredient: nueces | note: ya | handling: picadas', 1, ['which-kind'], ['chopped'], []],
    ['2 huevos, ligeramente batidos', 'egg-large',
        'amount: 2 | ingredient: huevos | handling: ligeramente batidos', 1, [], [], ['beaten']],
    ['1 taza de azúcar, más 2 cdas para espolvorear', 'granulated-sugar',
        'amount: 1 taza | ingredient: azúcar | note: más 2 cdas para espolvorear', 1, ['held-back'], [], []],
    ['1 taza de leche o agua', 'whole-milk',
        'amount: 1 taza | ingredient: leche | note: o agua', 1, ['alternative'], [], []],
    ['1 taza de zanahoria rallada fina', 'carrot-grated',
        'amount: 1 taza | ingredient: zanahoria | handling: rallada | note: fina', 1, [], ['grated'], []],
    ['1 cup water - cold', 'water',
        'amount: 1 cup | ingredient: water | note: cold', 1, [], [], []],
    ['1 cup cheddar, packed, plus 1/4 cup for topping', 'soft-cheese-shredded',
        'amount: 1 cup | ingredient: cheddar | handling: packed | note: plus 1/4 cup for topping', 1, ['held-back', 'which-form'], [], ['packed']],
    ['1/4 cup sugar, divided', 'granulated-sugar',
        'amount: 1/4 cup | ingredient: sugar | note: divided', 1, ['divided'], [], []],
    ['2 tbsp olive oil, to grease the pan', 'olive-oil',
        'amount: 2 tbsp | ingredient: olive oil | note: to | unread: grease | note: the pan', 1, ['unread-words'], [], []],
    ['juice of 1 lemon', 'lemons',
        'handling: juice of | amount: 1 | ingredient: lemon', 1, ['not-checkable'], [], ['squeezed']],
]);

it('reads amounts as people write them', function (string $line, array $amounts, array $also, ?string $package, array $flags) {
    $said = static fn (ReadAmount $a): string => KitchenNotation::write($a->min)
        .($a->max === null ? '' : ' to '.KitchenNotation::write($a->max)).' '.($a->unit->value ?? '?');
    $read = (new LineReader(Pantry::reference()))->read($line);
    expect(array_map($said, $read->amounts))->toBe($amounts)->and(array_map($said, $read->also))->toBe($also)
        ->and($read->package === null ? null : $said($read->package))->toBe($package)->and($read->status)->toBe('read')
        ->and(array_map(static fn (Flag $flag): string => $flag->value, $read->flags))->toBe($flags);
})->with([
    ['1 1/2 to 2 cups rye flour', ['1 1/2 to 2 cup'], [], null, ['range']],
    ['2-3 tbsp honey', ['2 to 3 tbsp'], [], null, ['range']],
    ['2–3 tbsp honey', ['2 to 3 tbsp'], [], null, ['range']],
    ['1½ cups rye flour', ['1 1/2 cup'], [], null, []],
    ['1.5 cups rye flour', ['1 1/2 cup'], [], null, []],
    ['1,5 cups rye flour', ['1 1/2 cup'], [], null, []],
    ['1 lb 4 oz rye flour', ['1 lb', '4 oz'], [], null, []],
    ['.5 tsp table salt', ['1/2 tsp'], [], null, []],
    ['3/4 cup plus 1 tbsp rye flour', ['3/4 cup', '1 tbsp'], [], null, []],
    ['1 cup minus 2 tbsp rye flour', ['1 cup', '-2 tbsp'], [], null, []],
    ['1 cup less 1 tbsp rye flour', ['1 cup', '-1 tbsp'], [], null, []],
    ['at least 2 cups rye flour', ['2 cup'], [], null, ['approximate']],
    ['about 1 cup rye flour', ['1 cup'], [], null, ['approximate']],
    ['up to 3 tbsp honey', ['3 tbsp'], [], null, ['approximate']],
    ['two cups rye flour', ['2 cup'], [], null, []],
    ['half a cup rye flour', ['1/2 cup'], [], null, []],
    ['a dozen eggs', ['1 dozen'], [], null, []],
    ['half a dozen eggs', ['1/2 dozen'], [], null, []],
    ['2 x 400 g cans pumpkin puree', ['2 can'], [], '400 g', []],
    ['2 (400 g) cans pumpkin puree', ['2 can'], [], '400 g', []],
    ['1 cup / 240 mL whole milk', ['1 cup'], ['240 ml'], null, []],
    ['250g rye flour', ['250 g'], [], null, []],
    ['1 kg 200 g rye flour', ['1 kg', '200 g'], [], null, []],
    ['a cup of rye flour', ['1 cup'], [], null, []],
    ['a generous cup of rye flour', ['1 cup'], [], null, ['not-checkable']],
    ['2 heaping tbsp cocoa powder', ['2 tbsp'], [], null, ['not-checkable']],
    ['1/2 - 3/4 cup rye flour', ['1/2 to 3/4 cup'], [], null, ['range']],
    ['1 to 1 1/2 cups rye flour', ['1 to 1 1/2 cup'], [], null, ['range']],
    ['between 2 and 3 cups rye flour', ['2 to 3 cup'], [], null, ['range']],
    ['one and a half cups rye flour', ['1 1/2 cup'], [], null, []],
    ['1 1/2 cups rye flour', ['1 1/2 cup'], [], null, []],
    ['3 eggs', ['3 piece'], [], null, []],
    ['3 large eggs', ['3 piece'], [], null, []],
    ['rye flour, 250 g', ['250 g'], [], null, []],
    ['rye flour 2 cups', ['2 cup'], [], null, []],
    ['0.33 cup honey', ['1/3 cup'], [], null, []],
    ['0.67 cup honey', ['2/3 cup'], [], null, []],
    ['3 tablespoons + 1 teaspoon honey', ['3 tbsp', '1 tsp'], [], null, []],
    ['media taza de harina de centeno', ['1/2 cup'], [], null, []],
    ['taza y media de harina de centeno', ['1 1/2 cup'], [], null, []],
    ['un cuarto de taza de miel', ['1/4 cup'], [], null, []],
    ['tres cuartos de taza de miel', ['3/4 cup'], [], null, []],
    ['2 o 3 cdas de miel', ['2 to 3 tbsp'], [], null, ['range']],
    ['de 2 a 3 cdas de miel', ['2 to 3 tbsp'], [], null, ['range']],
    ['1 cda y 1 cdta de miel', ['1 tbsp', '1 tsp'], [], null, []],
    ['media docena de huevos', ['6 piece'], [], null, []],
    ['100 gr de harina de centeno', ['100 g'], [], null, []],
    ['1/2 kg de harina de centeno', ['1/2 kg'], [], null, []],
    ['una pizca de sal fina', ['1 pinch'], [], null, ['not-checkable']],
    ['2 1/2 tazas de leche entera', ['2 1/2 cup'], [], null, []],
    ['1 taza menos 2 cdas de miel', ['1 cup', '-2 tbsp'], [], null, []],
    ['hasta 3 cdas de miel', ['3 tbsp'], [], null, ['approximate']],
    ['1 cup 2 tbsp rye flour', ['1 cup', '2 tbsp'], [], null, []],
    ['1 pint whole milk', ['1 pt'], [], null, []],
    ['1 stick butter', ['1 stick'], [], null, []],
    ['3 sticks butter', ['3 stick'], [], null, []],
    ['1 quart whole milk', ['1 qt'], [], null, []],
    ['10 fl oz whole milk', ['10 fl-oz'], [], null, []],
]);

it('knows headings, notes, list marks and bakers\' per cent', function (
    string $line, string $status, ?string $food, string $parts, array $flags,
) {
    $read = (new LineReader(Pantry::reference()))->read($line);
    $told = array_filter($read->pieces, static fn (Piece $piece): bool => trim($piece->text) !== '');
    expect($read->status)->toBe($status)->and($read->ingredient?->id)->toBe($food)
        ->and(implode(' | ', array_map(static fn (Piece $piece): string => $piece->part->value.': '.trim($piece->text), $told)))->toBe($parts)
        ->and(array_map(static fn (Flag $flag): string => $flag->value, $read->flags))->toBe($flags);
})->with([
    ['For the dough:', 'heading', null, 'note: For the dough:', []],
    ['DOUGH', 'heading', null, 'note: DOUGH', []],
    ['Dough', 'heading', null, 'note: Dough', []],
    ['Filling:', 'heading', null, 'note: Filling:', []],
    ['FOR THE ICING', 'heading', null, 'note: FOR THE ICING', []],
    ['To serve:', 'heading', null, 'note: To serve:', []],
    ['Para la masa:', 'heading', null, 'note: Para la masa:', []],
    ['MASA', 'heading', null, 'note: MASA', []],
    ['Relleno:', 'heading', null, 'note: Relleno:', []],
    ['Note: use cold butter', 'note', null, 'note: Note: use cold butter', []],
    ['Nota: usa mantequilla fría', 'note', null, 'note: Nota: usa mantequilla fría', []],
    ['Flour 100%', 'partly', 'all-purpose-flour', 'ingredient: Flour | amount: 100%', ['bakers-percent', 'which-kind', 'no-amount']],
    ['Water 65 %', 'partly', 'water', 'ingredient: Water | amount: 65 %', ['bakers-percent', 'no-amount']],
    ['bread flour 100%', 'partly', 'bread-flour', 'ingredient: bread flour | amount: 100%', ['bakers-percent', 'no-amount']],
    ['100% bread flour', 'partly', 'bread-flour', 'amount: 100% | ingredient: bread flour', ['bakers-percent', 'no-amount']],
    ['salt 2%', 'partly', 'table-salt', 'ingredient: salt | amount: 2%', ['bakers-percent', 'salt-crystal', 'no-amount']],
    ['2% table salt', 'partly', 'table-salt', 'amount: 2% | ingredient: table salt', ['bakers-percent', 'no-amount']],
    ['water 62.5%', 'partly', 'water', 'ingredient: water | amount: 62.5%', ['bakers-percent', 'no-amount']],
    ['Topping (optional):', 'heading', null, 'note: Topping (optional):', []],
    ['Ingredients:', 'heading', null, 'note: Ingredients:', []],
    ['- 1 cup rye flour', 'read', 'rye-flour', 'filler: - | amount: 1 cup | ingredient: rye flour', []],
    ['* 1 cup rye flour', 'read', 'rye-flour', 'filler: * | amount: 1 cup | ingredient: rye flour', []],
    ['1. 1 cup rye flour', 'read', 'rye-flour', 'filler: 1. | amount: 1 cup | ingredient: rye flour', []],
    ['1) 2 eggs', 'read', 'egg-large', 'filler: 1) | amount: 2 | ingredient: eggs', []],
    ['• 2 eggs', 'read', 'egg-large', 'filler: • | amount: 2 | ingredient: eggs', []],
    ['[ ] 2 eggs', 'read', 'egg-large', 'filler: [ ] | amount: 2 | ingredient: eggs', []],
    ['☐ 2 eggs', 'read', 'egg-large', 'filler: ☐ | amount: 2 | ingredient: eggs', []],
    ['2 eggs', 'read', 'egg-large', 'amount: 2 | ingredient: eggs', []],
]);
