<?php

declare(strict_types=1);

use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\NewIngredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Recipe\Directions\DirectionStep;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\FoodMentions;
use Hovik\Core\Recipe\Line\LanguagePack;
use Hovik\Core\Recipe\LineMatching;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\NameFinder;
use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\Piece;
use Hovik\Core\Recipe\ReadAmount;
use Hovik\Core\Recipe\RecipeLine;
use Hovik\Core\Recipe\RecipeReader;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Recipe\Token;

/* Corners of the reader: numbers, signs before an amount, packages, slips of the hand, what is said of a food before and after it. */

it('reads an amount, its food and what each word is', function (
    string $line, string $food, string $amount, string $parts, string $before, string $after,
) {
    $read = (new LineReader(Pantry::reference()))->read($line);
    $said = static fn (ReadAmount $one): string => trim(
        KitchenNotation::write($one->min).($one->max === null || $one->max->isEqualTo($one->min) ? '' : '-'.KitchenNotation::write($one->max))
        .' '.($one->unit->value ?? ''),
    );
    $amounts = implode(' + ', array_map($said, $read->amounts)).($read->package === null ? '' : ' of '.$said($read->package))
        .($read->percent === null ? '' : " $read->percent %");
    $told = array_filter($read->pieces, static fn (Piece $piece): bool => $piece->part !== Part::Filler);
    expect([$read->ingredient->id ?? '', trim($amounts)])->toBe([$food, $amount])
        ->and(implode(' | ', array_map(static fn (Piece $piece): string => $piece->part->value.': '.trim($piece->text), $told)))->toBe($parts)
        ->and([implode(' ', $read->before), implode(' ', $read->after)])->toBe([$before, $after]);
})->with([
    ['1234567890123 g flour', '', '',
        'unread: 1234567890123 g flour', '', ''],
    ['| cup sugar', 'granulated-sugar', '1 cup',
        'amount: | cup | ingredient: sugar', '', ''],
    ['I cup sugar', 'granulated-sugar', '1 cup',
        'amount: I cup | ingredient: sugar', '', ''],
    ['twenty-ten grams sugar', '', '20',
        'amount: twenty | unread: -ten grams sugar', '', ''],
    ['ciento cien gramos de harina', '', '100',
        'amount: ciento | unread: cien gramos de harina', '', ''],
    ['1 cup flour — sifted — cold', 'all-purpose-flour', '1 cup',
        'amount: 1 cup | ingredient: flour | handling: sifted | note: cold', '', 'sifted'],
    ['1 cup butter — 2 sticks', 'butter', '1 cup',
        'amount: 1 cup | ingredient: butter | note: 2 | unread: sticks', '', ''],
    ['twenty ten grams sugar', '', '20',
        'amount: twenty | unread: ten grams sugar', '', ''],
    ['ninety and five grams sugar', 'granulated-sugar', '95 g',
        'amount: ninety and five grams | ingredient: sugar', '', ''],
    ['ciento diez gramos de azúcar', 'granulated-sugar', '110 g',
        'amount: ciento diez gramos | ingredient: azúcar', '', ''],
    ['cien gramos de azúcar', 'granulated-sugar', '100 g',
        'amount: cien gramos | ingredient: azúcar', '', ''],
    ['ciento noventa y nueve gramos de harina', 'all-purpose-flour', '199 g',
        'amount: ciento noventa y nueve gramos | ingredient: harina', '', ''],
    ['two and three quarters cups flour', 'all-purpose-flour', '2 3/4 cup',
        'amount: two and three quarters cups | ingredient: flour', '', ''],
    ['one and 1/2 cups sugar', 'granulated-sugar', '1 1/2 cup',
        'amount: one and 1/2 cups | ingredient: sugar', '', ''],
    ['two and a half cups flour', 'all-purpose-flour', '2 1/2 cup',
        'amount: two and a half cups | ingredient: flour', '', ''],
    ['dos y media tazas de harina', 'all-purpose-flour', '2 1/2 cup',
        'amount: dos y media tazas | ingredient: harina', '', ''],
    ['dos tazas y media de azúcar', 'granulated-sugar', '2 1/2 cup',
        'amount: dos tazas y media | ingredient: azúcar', '', ''],
    ['1,500 g flour', 'all-purpose-flour', '1500 g',
        'amount: 1,500 g | ingredient: flour', '', ''],
    ['1.500 g de harina', 'all-purpose-flour', '1500 g',
        'amount: 1.500 g | ingredient: harina', '', ''],
    ['1-1,500 g flour', 'all-purpose-flour', '1-1500 g',
        'amount: 1-1,500 g | ingredient: flour', '', ''],
    ['12,5 g sal', 'table-salt', '12 1/2 g',
        'amount: 12,5 g | ingredient: sal', '', ''],
    ['2 sticks butter (1/2 lb)', 'butter', '2 stick',
        'amount: 2 sticks | ingredient: butter | package: (1/2 lb)', '', ''],
    ['1/2 cup butter — soft', 'butter', '1/2 cup',
        'amount: 1/2 cup | ingredient: butter | note: soft', '', ''],
    ['1 cup honey, softened', 'honey', '1 cup',
        'amount: 1 cup | ingredient: honey | handling: softened', '', 'softened'],
    ['1/2 cup melted butter, softened', 'butter-melted', '1/2 cup',
        'amount: 1/2 cup | handling: melted | ingredient: butter | handling: softened', 'melted', 'softened'],
    ['1 cup milk (or water)', 'whole-milk', '1 cup',
        'amount: 1 cup | ingredient: milk | note: or water', '', ''],
    ['1 cup milk (or 1 cup water), cold', 'whole-milk', '1 cup',
        'amount: 1 cup | ingredient: milk | note: or 1 cup water | note: cold', '', ''],
    ['1 cup butter (not margarine), softened', 'butter', '1 cup',
        'amount: 1 cup | ingredient: butter | note: not margarine | handling: softened', '', 'softened'],
    ['1 cup sugar, not brown sugar', 'granulated-sugar', '1 cup',
        'amount: 1 cup | ingredient: sugar | note: not brown sugar', '', ''],
    ['Flour - 2 cups (sifted)', 'all-purpose-flour', '2 cup',
        'ingredient: Flour | amount: 2 cups | handling: sifted', '', 'sifted'],
    ['Butter: 2 tbsp (soft)', 'butter', '2 tbsp',
        'ingredient: Butter | amount: 2 tbsp | note: soft', '', ''],
    ['Butter . . . . 2 tbsp', 'butter', '2 tbsp',
        'ingredient: Butter | amount: 2 tbsp', '', ''],
    ['Sugar ..... 1/2 cup, packed', 'granulated-sugar', '1/2 cup',
        'ingredient: Sugar | amount: 1/2 cup | handling: packed', '', 'packed'],
    ['one 14-oz can coconut milk', 'coconut-milk', '1 can of 14 oz',
        'amount: one | package: 14-oz | amount: can | ingredient: coconut milk', '', ''],
    ['2 (14 oz) cans coconut milk, shaken', 'coconut-milk', '2 can of 14 oz',
        'amount: 2 | package: (14 oz) | amount: cans | ingredient: coconut milk | unread: shaken', '', ''],
    ['3 packages (7 g each) yeast', 'active-dry-yeast', '3 packet of 7 g',
        'amount: 3 packages | package: (7 g each) | ingredient: yeast', '', ''],
    ['1 packet of 7 g yeast', '', '1 packet',
        'amount: 1 packet | unread: 7 g yeast', '', ''],
    ['2 tablxspxxn butter', '', '2',
        'amount: 2 | unread: tablxspxxn butter', '', ''],
    ['3 tablespon butter', 'butter', '3 tbsp',
        'amount: 3 tablespon | ingredient: butter', '', ''],
    ['2 tsps. of salt', 'table-salt', '2 tsp',
        'amount: 2 tsps. | ingredient: salt', '', ''],
    ['1 cup of the flour', 'all-purpose-flour', '1 cup',
        'amount: 1 cup | note: the | ingredient: flour', '', ''],
    ['1 cup nueces, picadas', 'pecan-halves', '1 cup',
        'amount: 1 cup | ingredient: nueces | handling: picadas', '', 'chopped'],
    ['2 tazas de nueces', 'pecan-halves', '2 cup',
        'amount: 2 tazas | ingredient: nueces', '', ''],
    ['zest of 1 lemon, finely grated', 'lemons', '1 piece',
        'handling: zest of | amount: 1 | ingredient: lemon | handling: finely grated', '', 'zested grated'],
    ['juice of the 2 lemons', 'lemons', '2 piece',
        'handling: juice of the | amount: 2 | ingredient: lemons', '', 'squeezed'],
    ['finely grated zest of a lemon', 'lemons', '1 piece',
        'handling: finely grated zest of | amount: a | ingredient: lemon', '', 'zested'],
    ['a pinch of salt', 'table-salt', '1 pinch',
        'amount: a pinch | ingredient: salt', '', ''],
    ['a cup of flour plus 2 tbsp', 'all-purpose-flour', '1 cup + 2 tbsp',
        'amount: a cup | ingredient: flour | amount: plus 2 tbsp', '', ''],
    ['1 cup plus 2 tbsp of flour', 'all-purpose-flour', '1 cup + 2 tbsp',
        'amount: 1 cup plus 2 tbsp | ingredient: flour', '', ''],
    ['1 heaping cup flour', 'all-purpose-flour', '1 cup',
        'amount: 1 | size: heaping | amount: cup | ingredient: flour', '', ''],
    ['1 scant cup of sugar', 'granulated-sugar', '1 cup',
        'amount: 1 | size: scant | amount: cup | ingredient: sugar', '', ''],
    ['half a cup of milk', 'whole-milk', '1/2 cup',
        'amount: half a cup | ingredient: milk', '', ''],
    ['half cup milk', 'whole-milk', '1/2 cup',
        'amount: half cup | ingredient: milk', '', ''],
    ['three quarters cup milk', 'whole-milk', '3/4 cup',
        'amount: three quarters cup | ingredient: milk', '', ''],
    ['1/2 dozen eggs', 'egg-large', '1/2 dozen',
        'amount: 1/2 dozen | ingredient: eggs', '', ''],
    ['2 dozen eggs', 'egg-large', '2 dozen',
        'amount: 2 dozen | ingredient: eggs', '', ''],
    ['2 knobs of butter', 'butter', '2 knob',
        'amount: 2 knobs | ingredient: butter', '', ''],
    ['1 cup walnuts; chopped - optional', 'walnut-halves', '1 cup',
        'amount: 1 cup | ingredient: walnuts | handling: chopped | note: optional', '', 'chopped'],
    ['flour 100%', 'all-purpose-flour', '100 %',
        'ingredient: flour | amount: 100%', '', ''],
    ['water 65 %', 'water', '65 %',
        'ingredient: water | amount: 65 %', '', ''],
    ['500 g harina tamizada', 'all-purpose-flour', '500 g',
        'amount: 500 g | ingredient: harina | handling: tamizada', 'sifted', ''],
    ['nineteen grams sugar', 'granulated-sugar', '19 g',
        'amount: nineteen grams | ingredient: sugar', '', ''],
    ['thirty-nine grams sugar', 'granulated-sugar', '39 g',
        'amount: thirty-nine grams | ingredient: sugar', '', ''],
    ['ninety-nine grams sugar', 'granulated-sugar', '99 g',
        'amount: ninety-nine grams | ingredient: sugar', '', ''],
    ['setenta y cuatro gramos de azúcar', 'granulated-sugar', '74 g',
        'amount: setenta y cuatro gramos | ingredient: azúcar', '', ''],
    ['diecisiete gramos de azúcar', 'granulated-sugar', '17 g',
        'amount: diecisiete gramos | ingredient: azúcar', '', ''],
    ['doscientos cinco gramos de azúcar', 'granulated-sugar', '205 g',
        'amount: doscientos cinco gramos | ingredient: azúcar', '', ''],
    ['123456789012 g sugar', 'granulated-sugar', '123456789012 g',
        'amount: 123456789012 g | ingredient: sugar', '', ''],
    ['1 cup milk, not skim; cold', 'whole-milk', '1 cup',
        'amount: 1 cup | ingredient: milk | note: not skim | note: cold', '', ''],
    ['1 cup milk (not skim, cold)', 'whole-milk', '1 cup',
        'amount: 1 cup | ingredient: milk | note: not skim | note: cold', '', ''],
    ['butter: 2 tbsp; softened', 'butter', '2 tbsp',
        'ingredient: butter | amount: 2 tbsp | handling: softened', '', 'softened'],
    ['Flour - 2 cups', 'all-purpose-flour', '2 cup',
        'ingredient: Flour | amount: 2 cups', '', ''],
    ['3 ozz butter', '', '3',
        'amount: 3 | unread: ozz butter', '', ''],
    ['2 cuqs flour', 'all-purpose-flour', '2 cup',
        'amount: 2 cuqs | ingredient: flour', '', ''],
    ['2 cps flour', '', '2',
        'amount: 2 | unread: cps flour', '', ''],
    ['1 teaspon salt', 'table-salt', '1 tsp',
        'amount: 1 teaspon | ingredient: salt', '', ''],
    ['1 cup cornstrach', 'cornstarch', '1 cup',
        'amount: 1 cup | ingredient: cornstrach', '', ''],
    ['1 cup honny', 'honey', '1 cup',
        'amount: 1 cup | ingredient: honny', '', ''],
    ['1 cup suger', 'granulated-sugar', '1 cup',
        'amount: 1 cup | ingredient: suger', '', ''],
    ['2 cups flour and 1 tsp salt', 'all-purpose-flour', '2 cup',
        'amount: 2 cups | ingredient: flour | note: and 1 tsp | unread: salt', '', ''],
    ['1 cup butter and sugar', 'butter', '1 cup',
        'amount: 1 cup | ingredient: butter | note: and | unread: sugar', '', ''],
    ['1 cup half and half', 'half-and-half', '1 cup',
        'amount: 1 cup | ingredient: half and half', '', ''],
    ['1 chopped', '', '1',
        'amount: 1 | unread: chopped', '', ''],
    ['1 cup chopped', '', '1 cup',
        'amount: 1 cup | unread: chopped', '', ''],
    ['I cup flour', 'all-purpose-flour', '1 cup',
        'amount: I cup | ingredient: flour', '', ''],
    ['2 cups flour (or I cup rye flour)', 'all-purpose-flour', '2 cup',
        'amount: 2 cups | ingredient: flour | note: or I cup rye flour', '', ''],
    ['1-1/2 cups sugar', 'granulated-sugar', '1 1/2 cup',
        'amount: 1-1/2 cups | ingredient: sugar', '', ''],
    ['1 - 1/2 cups sugar', 'granulated-sugar', '1 1/2 cup',
        'amount: 1 - 1/2 cups | ingredient: sugar', '', ''],
    ['1 and 1/2 cups sugar', 'granulated-sugar', '1 1/2 cup',
        'amount: 1 and 1/2 cups | ingredient: sugar', '', ''],
    ['2 and a half cups sugar', 'granulated-sugar', '2 1/2 cup',
        'amount: 2 and a half cups | ingredient: sugar', '', ''],
    ['2 & 1/2 cups sugar', 'granulated-sugar', '2 1/2 cup',
        'amount: 2 & 1/2 cups | ingredient: sugar', '', ''],
    ['one and three quarters cups sugar', 'granulated-sugar', '1 3/4 cup',
        'amount: one and three quarters cups | ingredient: sugar', '', ''],
    ['twenty-five grams sugar', 'granulated-sugar', '25 g',
        'amount: twenty-five grams | ingredient: sugar', '', ''],
    ['doscientos cincuenta gramos de azúcar', 'granulated-sugar', '250 g',
        'amount: doscientos cincuenta gramos | ingredient: azúcar', '', ''],
    ['setenta y cinco gramos de azúcar', 'granulated-sugar', '75 g',
        'amount: setenta y cinco gramos | ingredient: azúcar', '', ''],
    ['ciento veinte gramos de azúcar', 'granulated-sugar', '120 g',
        'amount: ciento veinte gramos | ingredient: azúcar', '', ''],
    ['l/2 cup sugar', 'granulated-sugar', '1/2 cup',
        'amount: l/2 cup | ingredient: sugar', '', ''],
    ['I cup sugar', 'granulated-sugar', '1 cup',
        'amount: I cup | ingredient: sugar', '', ''],
    ['I love sugar', '', '',
        'unread: I love sugar', '', ''],
    ['five quarters cup sugar', '', '5',
        'amount: five | unread: quarters cup sugar', '', ''],
    ['half a cup of sugar', 'granulated-sugar', '1/2 cup',
        'amount: half a cup | ingredient: sugar', '', ''],
    ['a quarter of a teaspoon of salt', 'table-salt', '1/4 tsp',
        'amount: a quarter of a teaspoon | ingredient: salt', '', ''],
    ['0-1/2 cup sugar', 'granulated-sugar', '0-1/2 cup',
        'amount: 0-1/2 cup | ingredient: sugar', '', ''],
    ['1,000 g sugar', 'granulated-sugar', '1000 g',
        'amount: 1,000 g | ingredient: sugar', '', ''],
    ['12,500 g sugar', 'granulated-sugar', '12500 g',
        'amount: 12,500 g | ingredient: sugar', '', ''],
    ['1.5 kg sugar', 'granulated-sugar', '1 1/2 kg',
        'amount: 1.5 kg | ingredient: sugar', '', ''],
    ['0,5 kg sugar', 'granulated-sugar', '1/2 kg',
        'amount: 0,5 kg | ingredient: sugar', '', ''],
    ['¾ cup sugar', 'granulated-sugar', '3/4 cup',
        'amount: ¾ cup | ingredient: sugar', '', ''],
    ['1¾ cups sugar', 'granulated-sugar', '1 3/4 cup',
        'amount: 1¾ cups | ingredient: sugar', '', ''],
    ['1⁄4 cup sugar', 'granulated-sugar', '1/4 cup',
        'amount: 1⁄4 cup | ingredient: sugar', '', ''],
    ['Flour — 250 g', 'all-purpose-flour', '250 g',
        'ingredient: Flour | amount: 250 g', '', ''],
    ['Flour . 250 g', 'all-purpose-flour', '250 g',
        'ingredient: Flour | amount: 250 g', '', ''],
    ['Flour = 250 g', 'all-purpose-flour', '250 g',
        'ingredient: Flour | amount: 250 g', '', ''],
    ['Flour … 250 g', 'all-purpose-flour', '250 g',
        'ingredient: Flour | amount: 250 g', '', ''],
    ['Flour | 250 g', 'all-purpose-flour', '250 g',
        'ingredient: Flour | amount: 250 g', '', ''],
    ['Flour: 250 g, sifted', 'all-purpose-flour', '250 g',
        'ingredient: Flour | amount: 250 g | handling: sifted', '', 'sifted'],
    ['Flour -- 250 g', 'all-purpose-flour', '250 g',
        'ingredient: Flour | amount: 250 g', '', ''],
    ['butter 100 g', 'butter', '100 g',
        'ingredient: butter | amount: 100 g', '', ''],
    ['Water — 65 %', 'water', '65 %',
        'ingredient: Water | amount: 65 %', '', ''],
    ['Water . 65 %', 'water', '65 %',
        'ingredient: Water | amount: 65 %', '', ''],
    ['Water = 65 %', 'water', '65 %',
        'ingredient: Water | amount: 65 %', '', ''],
    ['Water – 65 %', 'water', '65 %',
        'ingredient: Water | amount: 65 %', '', ''],
    ['Water - 65 %', 'water', '65 %',
        'ingredient: Water | amount: 65 %', '', ''],
    ['Water, 65 %', 'water', '65 %',
        'ingredient: Water | amount: 65 %', '', ''],
    ['Water: 65,5 %', 'water', '655/10 %',
        'ingredient: Water | amount: 65,5 %', '', ''],
    ['65 % water', 'water', '65 %',
        'amount: 65 % | ingredient: water', '', ''],
    ['a can of 400 g of pumpkin puree', 'pumpkin-puree', '1 can of 400 g',
        'amount: a can | package: 400 g | ingredient: pumpkin puree', '', ''],
    ['1 can of 15 oz of pumpkin puree', 'pumpkin-puree', '1 can of 15 oz',
        'amount: 1 can | package: 15 oz | ingredient: pumpkin puree', '', ''],
    ['2 plátanos machacados', 'banana', '2 piece',
        'amount: 2 | ingredient: plátanos | handling: machacados', '', 'mashed'],
    ['2 huevos batidos', 'egg-large', '2 piece',
        'amount: 2 | ingredient: huevos | handling: batidos', '', 'beaten'],
    ['1 taza de plátano machacado', 'banana-mashed', '1 cup',
        'amount: 1 taza | ingredient: plátano | handling: machacado', 'mashed', ''],
    ['2 large eggs', 'egg-large', '2 piece',
        'amount: 2 | ingredient: large eggs', '', ''],
    ['3 small eggs, beaten', 'egg-small', '3 piece',
        'amount: 3 | ingredient: small eggs | handling: beaten', '', 'beaten'],
    ['2 extra large eggs, beaten', 'egg-extra-large', '2 piece',
        'amount: 2 | ingredient: extra large eggs | handling: beaten', '', 'beaten'],
    ['1 taza de mantequilla ya derretida', 'butter', '1 cup',
        'amount: 1 taza | ingredient: mantequilla | note: ya | handling: derretida', 'melted', ''],
    ['1 cup oil, softened', 'vegetable-oil', '1 cup',
        'amount: 1 cup | ingredient: oil | handling: softened', '', 'softened'],
    ['2 eggs, softened', 'egg-large', '2 piece',
        'amount: 2 | ingredient: eggs | handling: softened', '', 'softened'],
    ['1 cup milk, beaten', 'whole-milk', '1 cup',
        'amount: 1 cup | ingredient: milk | handling: beaten', '', 'beaten'],
    ['2 cupps sugar', 'granulated-sugar', '2 cup',
        'amount: 2 cupps | ingredient: sugar', '', ''],
    ['2 cpus sugar', 'granulated-sugar', '2 cup',
        'amount: 2 cpus | ingredient: sugar', '', ''],
    ['1 teasponn salt', 'table-salt', '1 tsp',
        'amount: 1 teasponn | ingredient: salt', '', ''],
    ['1 tbps honey', 'honey', '1 tbsp',
        'amount: 1 tbps | ingredient: honey', '', ''],
    ['100 grms butter', 'butter', '100 g',
        'amount: 100 grms | ingredient: butter', '', ''],
    ['2 tablesoons honey', 'honey', '2 tbsp',
        'amount: 2 tablesoons | ingredient: honey', '', ''],
    ['3 ounzes sugar', 'granulated-sugar', '3 oz',
        'amount: 3 ounzes | ingredient: sugar', '', ''],
    ['1 cup light brown sugar and salt', 'light-brown-sugar', '1 cup',
        'amount: 1 cup | ingredient: light brown sugar | note: and | unread: salt', '', ''],
    ['1 cup frobnicated zorbs, chopped', '', '1 cup',
        'amount: 1 cup | unread: frobnicated zorbs | handling: chopped', '', 'chopped'],
    ['1 cup chopped zorbs', '', '1 cup',
        'amount: 1 cup | handling: chopped | unread: zorbs', 'chopped', ''],
    ['1 cup salt and pepper', 'table-salt', '1 cup',
        'amount: 1 cup | ingredient: salt | note: and | unread: pepper', '', ''],
    ['1 tbsp oil and vinegar', 'vegetable-oil', '1 tbsp',
        'amount: 1 tbsp | ingredient: oil | note: and | unread: vinegar', '', ''],
    ['1 taza de harina y azúcar', 'all-purpose-flour', '1 cup',
        'amount: 1 taza | ingredient: harina | note: y | unread: azúcar', '', ''],
    ['100 g de arroces', 'white-rice', '100 g',
        'amount: 100 g | ingredient: arroces', '', ''],
    ['1 cup all purpose flour or bread flour', 'all-purpose-flour', '1 cup',
        'amount: 1 cup | ingredient: all purpose flour | note: or bread flour', '', ''],
    ['1 cup very soft butter', 'butter', '1 cup',
        'amount: 1 cup | note: very | ingredient: soft butter', '', ''],
    ['1 cup walnuts, roughly chopped', 'walnut-halves', '1 cup',
        'amount: 1 cup | ingredient: walnuts | handling: roughly chopped', '', 'chopped'],
    ['3 mugs flour', 'all-purpose-flour', '3',
        'amount: 3 mugs | ingredient: flour', '', ''],
    ['1 glass of milk', 'whole-milk', '1',
        'amount: 1 glass | ingredient: milk', '', ''],
    ['1 splash milk', 'whole-milk', '1',
        'amount: 1 splash | ingredient: milk', '', ''],
    ['1 large can pumpkin puree', 'pumpkin-puree', '1 can',
        'amount: 1 | note: large | amount: can | ingredient: pumpkin puree', '', ''],
    ['2 large cans of pumpkin puree', 'pumpkin-puree', '2 can',
        'amount: 2 | note: large | amount: cans | ingredient: pumpkin puree', '', ''],
    ['1 large (400 g) can pumpkin puree', 'pumpkin-puree', '1 can of 400 g',
        'amount: 1 | note: large | package: (400 g) | amount: can | ingredient: pumpkin puree', '', ''],
    ['1 medium packet instant yeast', 'instant-yeast', '1 packet',
        'amount: 1 | note: medium | amount: packet | ingredient: instant yeast', '', ''],
    ['3 medium (150 g each) bananas', 'banana', '3 piece',
        'amount: 3 | note: medium | amount: (150 g each) | ingredient: bananas', '', ''],
    ['1 taza de harina cernida', 'all-purpose-flour', '1 cup',
        'amount: 1 taza | ingredient: harina | handling: cernida', 'sifted', ''],
]);

it('takes signs around a heading for no part of it', function (string $line, string $heading) {
    $read = (new LineReader(Pantry::reference()))->read($line);
    expect([$read->status, $read->name])->toBe(['heading', $heading]);
})->with([
    ['**For the filling**', 'filling'], ['## For the filling', 'filling'], ['_For the topping_:', 'topping'], ['* For the glaze *', 'glaze'],
    ['For the dough:', 'dough'], ['Para la masa:', 'masa'], ['DOUGH:', 'DOUGH'],
]);

it('says that a line is sifted later only where it is measured first', function (string $line, bool $isLater) {
    expect((new LineReader(Pantry::reference()))->read($line)->isSiftedLater())->toBe($isLater);
})->with([['1 cup flour, sifted', true], ['1 cup sifted flour', false], ['1 cup flour', false], ['1 cup sifted flour, sifted', false]]);

it('brings words to one form, in the language of the recipe', function (string $language, string $word, string $form) {
    $pack = $language === 'es' ? LanguagePack::spanish() : LanguagePack::english();
    expect((new NameFinder(Pantry::reference(), $pack))->singular($word))->toBe($form);
})->with([
    ['es', 'nueces', 'nuez'], ['es', 'panes', 'pan'], ['es', 'huevos', 'huevo'], ['es', 'mes', 'mes'], ['es', 'los', 'los'], ['es', 'tres', 'tre'],
    ['es', 'arroces', 'arroz'], ['es', 'harinas', 'harina'], ['es', 'anís', 'anís'],
    ['es', 'aces', 'ace'], ['es', 'peces', 'pez'], ['en', 'fries', 'fry'], ['en', 'gas', 'gas'],
    ['en', 'cherries', 'cherry'], ['en', 'eggs', 'egg'], ['en', 'peas', 'pea'], ['en', 'molasses', 'molass'], ['en', 'ties', 'tie'],
]);

it('finds the foods that directions speak of, by short names and by kind, in both languages', function (string $text, array $used) {
    $pantry = Pantry::reference();
    $foods = [
        'bread-flour', 'granulated-sugar', 'baking-powder', 'cinnamon', 'whole-milk', 'egg-large', 'vegetable-oil', 'butter',
        'walnuts-chopped', 'raisins', 'light-brown-sugar', 'honey', 'yogurt-plain',
    ];
    $mentions = new FoodMentions($pantry, $text);
    $listed = array_map($pantry->ingredient(...), $foods);
    expect(array_values(array_filter($foods, fn (string $id): bool => $mentions->has($pantry->ingredient($id), $listed))))->toBe($used);
})->with([
    ['Stir the flour into the milk.', ['bread-flour', 'whole-milk']],
    ['Whisk the dry ingredients.', ['bread-flour', 'granulated-sugar', 'baking-powder', 'cinnamon', 'light-brown-sugar']],
    ['Beat the wet ingredients.', ['whole-milk', 'egg-large', 'vegetable-oil', 'honey', 'yogurt-plain']],
    ['Pour in the liquid.', ['whole-milk', 'egg-large', 'vegetable-oil', 'honey', 'yogurt-plain']],
    ['Add the spices.', ['baking-powder', 'cinnamon']],
    ['Fold in the nuts.', ['walnuts-chopped']], ['Fold in the walnuts and the raisins.', ['walnuts-chopped', 'raisins']],
    ['Cream the butter and the brown sugar.', ['butter', 'light-brown-sugar']],
    ['Add the remaining ingredients.', [
        'bread-flour', 'granulated-sugar', 'baking-powder', 'cinnamon', 'whole-milk', 'egg-large', 'vegetable-oil', 'butter',
        'walnuts-chopped', 'raisins', 'light-brown-sugar', 'honey', 'yogurt-plain',
    ]],
    ['Let it rest for ten minutes.', []],
    ['Mezcla la harina con la leche.', ['bread-flour', 'whole-milk']],
    ['Mezcla los ingredientes secos en el tazón.', ['bread-flour', 'granulated-sugar', 'baking-powder', 'cinnamon', 'light-brown-sugar']],
    ['Bate los ingredientes líquidos y los húmedos.', ['whole-milk', 'egg-large', 'vegetable-oil', 'honey', 'yogurt-plain']],
    ['Agrega las nueces a la masa.', ['walnuts-chopped']], ['Agrega las especias a la masa.', ['baking-powder', 'cinnamon']],
    ['Deja reposar la masa.', []],
]);

it('names foods that directions use and no line lists', function (string $text, array $others) {
    expect((new FoodMentions(Pantry::reference(), $text))->others(['bread-flour', 'walnuts-chopped', 'whole-milk']))->toBe($others);
})->with([
    ['Mix the flour, the milk and the honey.', ['honey']], ['Fold in the nuts.', []], ['Add the butter and the salt.', ['butter', 'table-salt']],
    ['Mezcla la harina y la miel con la leche.', ['honey']],
]);

it('uses up what there is, within reason', function (float $grams, bool $isTaken) {
    $pantry = Pantry::reference();
    $line = SettledLine::from((new LineReader($pantry))->read('2 cups bread flour'), MeasureStandard::UsCustomary);
    $taken = refused(fn () => Factor::toUseUp($line, $grams, MeasureStandard::UsCustomary, $pantry)) === null;
    expect($taken)->toBe($isTaken);
})->with([[0.0, false], [-1.0, false], [NAN, false], [INF, false], [250.0, true], [1_000_000.0, false], [1_000_001.0, false]]);

it('keeps what was settled of a line while its food is the same', function (string $before, string $after, ?string $kept) {
    $pantry = Pantry::reference();
    $was = new RecipeLine('1.1', $before, ingredient: 'bread-flour');
    [$line] = LineMatching::carryOver([$was], [(new LineReader($pantry))->read($after)], 2, new LineReader($pantry));
    expect([$line->id, $line->ingredient])->toBe(['1.1', $kept]);
})->with([
    ['1 cup flour', '2 cups flour', 'bread-flour'], ['1 cup flour', '1 cup sugar', null], ['1 cup flour', '1 cup all-purpose flour', null],
]);

it('takes a first line for the title where more follow, and never an only line', function (string $text, ?string $title, int $lines) {
    $recipe = (new RecipeReader(Pantry::reference()))->read($text);
    expect([$recipe->title, count($recipe->lines)])->toBe([$title, $lines]);
})->with([["Oat buns\n1 cup oats", 'Oat buns', 1], ['1 cup oats', null, 1], ["Oat buns\n1 cup oats\n1 egg", 'Oat buns', 2]]);

it('reads a kitchen\'s own foods by their names', function () {
    $pantry = Pantry::reference()->adding([NewIngredient::named('Zottel mix', Family::FinePowder->value, '120', [])]);
    $read = (new LineReader($pantry))->read('2 cups zottel mix');
    expect([$read->ingredient?->name, (new LineReader(Pantry::reference()))->read('2 cups zottel mix')->ingredient])->toBe(['Zottel mix', null]);
});

it('takes as many lines and letters as it says, and no more', function (string $text, bool $isTaken) {
    expect(refused(fn () => (new RecipeReader(Pantry::reference()))->read($text)) === null)->toBe($isTaken);
})->with([
    'lines' => [implode("\n", array_fill(0, RecipeReader::MOST_LINES, '1 egg')), true],
    'a line more' => [implode("\n", array_fill(0, RecipeReader::MOST_LINES + 1, '1 egg')), false],
    'a page' => ["1 egg\n".str_repeat(' ', RecipeReader::LONGEST_PAGE - 6), true],
    'a letter more' => ["1 egg\n".str_repeat(' ', RecipeReader::LONGEST_PAGE - 5), false],
]);

it('joins a line that a page broke behind its amount', function (string $text, array $read) {
    $lines = (new RecipeReader(Pantry::reference()))->read($text)->lines;
    expect(array_map(static fn ($line): string => $line->text, $lines))->toBe($read);
})->with([
    ["Buns\n2 cups\nflour\n1 egg", ['2 cups flour', '1 egg']],
    ["Buns\n2 cups\n1 cup flour", ['2 cups', '1 cup flour']],
]);

it('tells how much it makes by what follows the word', function (string $text, ?string $makes) {
    expect((new RecipeReader(Pantry::reference()))->read("Buns\n$text\n1 cup flour")->makes)->toBe($makes);
})->with([['Makes 12 buns.', '12 buns'], ['Serves 6', '6'], ['Yield: 2 loaves', '2 loaves'], ['Rinde 12 panecillos', '12 panecillos']]);

it('has a step of directions unsettled where nothing was stored of it', function () {
    $stored = ['text' => 'Mix.', 'lines' => [], 'by' => 'student'];
    $step = DirectionStep::fromArray(new JsonInput($stored));
    expect([$step->settled, $step->gloves, $step->note])->toBe([false, false, null]);
});

it('finds foods by the language it is told, whatever the words look like', function () {
    $pantry = Pantry::reference();
    $sugar = $pantry->ingredient('granulated-sugar');
    $has = static fn (string $text, ?string $language): bool => (new FoodMentions($pantry, $text, $language))->has($sugar);
    // The language is told by a longer text than the sentence that is looked at.
    expect($has('Azúcar', 'Mezcla la harina con el azúcar y la leche.'))->toBeTrue()
        ->and($has('Sugar', 'Mix the flour with the sugar and the milk.'))->toBeTrue()
        ->and($has('sugary', 'Mix the flour with the sugar and the milk.'))->toBeFalse();
});

it('takes one line for a recipe without a title, and two for a title and a line', function () {
    $reader = new RecipeReader(Pantry::reference());
    $one = $reader->read('2 cups flour');
    $two = $reader->read("Plain dough\n2 cups flour");
    expect([$one->title, count($one->lines)])->toBe([null, 1])->and([$two->title, count($two->lines)])->toBe(['Plain dough', 1]);
});

it('takes what begins with a verb for a step and what begins with a number for a line', function () {
    $read = (new RecipeReader(Pantry::reference()))->read("Dough\n2 cups flour\nMix the flour with care.\n1 tsp salt\nBake until golden.");
    expect(count($read->lines))->toBeGreaterThanOrEqual(1)->and(implode(' ', $read->directions))->toContain('Mix the flour with care.');
});

it('forgives one letter in five and two in nine, never in a short word', function (string $written, ?string $food) {
    $finder = new NameFinder(Pantry::reference(), LanguagePack::english());
    $found = $finder->findAlike(Token::split($written));
    expect($found?->ingredient)->toBe($food)->and($found->spelled ?? false)->toBeFalse();
})->with([
    ['margerina', 'margarine'], ['margarin', 'margarine'], ['buttermlik', 'buttermilk'], ['butermilc', 'buttermilk'],
    ['2 margarin, buttermlik', 'margarine'], ['cinnamin', 'cinnamon'], ['honet', 'honey'], ['honeyy', 'honey'], ['rice flout', 'rice-flour'], ['browm sugar', 'light-brown-sugar'],
    ['cinnemin', null], ['cinnaomn', null], ['margarni', null], ['honye', null], ['hony', null], ['hone', null], ['salr', null],
    ['whole milkk', null], ['ripe peac', null],
]);

it('takes three digits behind a sign for thousands of grams and milliliters, and asks where they may be parts', function (
    string $line, string $amount, bool $asks,
) {
    $read = (new LineReader(Pantry::reference()))->read($line);
    expect(KitchenNotation::write($read->amounts[0]->min).' '.$read->amounts[0]->unit?->value)->toBe($amount)
        ->and(in_array(Flag::AmbiguousNumber, $read->flags, true))->toBe($asks);
})->with([
    ['2.000 ml milk', '2000 ml', false], ['2,000 g flour', '2000 g', false], ['1.500 ml milk', '1500 ml', true], ['1,500 g flour', '1500 g', true],
    ['1.500 kg flour', '1 1/2 kg', true], ['2.000 kg flour', '2 kg', true], ['2.000 mg saffron', '2000 mg', false],
]);

it('takes the sign before a percentage for no part of the name', function (string $line) {
    $read = (new LineReader(Pantry::reference()))->read($line);
    expect([$read->ingredient?->id, (string) $read->percent])->toBe(['table-salt', '2'])
        ->and(array_map(static fn (Piece $piece): string => trim($piece->text), array_values(array_filter(
            $read->pieces, static fn (Piece $piece): bool => ! in_array($piece->part, [Part::Filler, Part::Amount], true),
        ))))->toBe(['Salt']);
})->with(['Salt - 2%', 'Salt – 2%', 'Salt — 2%', 'Salt, 2%', 'Salt: 2%', 'Salt = 2%', 'Salt . 2%', 'Salt -: 2%']);
