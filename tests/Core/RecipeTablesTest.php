<?php

declare(strict_types=1);

use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Directions\DirectionStep;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\NameFinder;
use Hovik\Core\Recipe\Portions;
use Hovik\Core\Recipe\Preparation;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Recipe\Sharing;
use Hovik\Core\Words\Phrasebook;

// Sizes, portions, names and what is to be done before the bell, case by case.

describe('a factor', function () {
    it('is what a cook writes', function (string $written, string $text) {
        expect(Factor::of($written)->text())->toBe($text);
    })->with([['1', '1'], ['1/2', '1/2'], ['1.5', '1 1/2'], ['2/4', '1/2'], ['1000', '1000'], ['0.001', '1/1000'], ['2,5', '2 1/2']]);

    it('is refused where it is none', function (string $written, string $says) {
        expect(refused(fn () => Factor::of($written)))->toBe(['factor', $says]);
    })->with([
        ['0', 'Choose a number above 0 and no more than 1000.'], ['1001', 'Choose a number above 0 and no more than 1000.'],
        ['1000.5', 'Choose a number above 0 and no more than 1000.'], ['', 'Say how much.'],
        ['banana', '"banana" is not an amount. Write it like 1 3/4 or 1.75.'],
        ['-2', 'An amount cannot be below zero: "-2".'], ['1/12345678901234567890', 'Write it shorter, such as 1/2 or 1.5.'],
    ]);

    it('uses up what is there, and no more of it', function (string $food, string $amount, Unit $unit, float $grams, string $factor) {
        $line = SettledLine::of(Pantry::reference()->ingredient($food), Amount::of($amount, $unit));
        $found = Factor::toUseUp($line, $grams, MeasureStandard::UsCustomary, Pantry::reference());
        expect($found->text())->toBe($factor);
    })->with([
        'a kitchen fraction' => ['bread-flour', '2', Unit::Cup, 375.0, '1 1/2'],
        'to a thousandth, down' => ['bread-flour', '3', Unit::Cup, 510.0, '1 9/25'],
        'a weight' => ['bread-flour', '250', Unit::Gram, 125.0, '1/2'], 'never nothing' => ['bread-flour', '3', Unit::Cup, 0.1, '1/1000'],
    ]);

    it('is refused for grams nobody has', function (float $grams) {
        $line = SettledLine::of(Pantry::reference()->ingredient('honey'), Amount::of('1', Unit::Cup));
        $refused = refused(fn () => Factor::toUseUp($line, $grams, MeasureStandard::UsCustomary, Pantry::reference()));
        expect($refused)->toBe(['grams', 'Say how many grams there are.']);
    })->with([0.0, -1.0, 1_000_000.5, INF, NAN]);

    it('is shared by the class, or made at each station', function () {
        $two = Factor::of('2');
        expect(Sharing::ForTheClass->each($two, 6)->text())->toBe('1/3')->and(Sharing::ForTheClass->all($two, 6)->text())->toBe('2')
            ->and(Sharing::AtEachStation->each($two, 6)->text())->toBe('2')->and(Sharing::AtEachStation->all($two, 6)->text())->toBe('12');
    });
});

describe('portions', function () {
    it('are whole ones, and what is left', function (string $batch, string $each, MeasureStandard $standard, int $whole, ?string $left) {
        $portions = Portions::of($batch, $each, $standard);
        expect($portions->whole)->toBe($whole)->and($portions->left?->text())->toBe($left);
    })->with([
        'even' => ['10 cups', '1/2 cup', MeasureStandard::UsCustomary, 20, null],
        'with a rest' => ['10 cups', '3/4 cup', MeasureStandard::UsCustomary, 13, '1/4 cup'],
        'in words' => ['two cups', 'half a cup', MeasureStandard::UsCustomary, 4, null],
        'by millilitres' => ['1 l', '300 ml', MeasureStandard::Metric250, 3, '1/4 cup + 2 tbsp + 1 1/2 tsp'],
        'exactly one' => ['1 cup', '1 cup', MeasureStandard::UsCustomary, 1, null],
    ]);

    it('are refused where there are none', function (string $batch, string $each, string $field, string $says) {
        expect(refused(fn () => Portions::of($batch, $each, MeasureStandard::UsCustomary)))->toBe([$field, $says]);
    })->with([
        ['', '1 cup', 'batch', 'Write it like 10 cups or 1/3 cup.'], ['10 cups', '', 'each', 'Write it like 10 cups or 1/3 cup.'],
        ['lots', '1 cup', 'batch', 'Write it like 10 cups or 1/3 cup.'], ['10 g', '1 cup', 'batch', 'Write it like 10 cups or 1/3 cup.'],
        ['10', '1 cup', 'batch', 'Write it like 10 cups or 1/3 cup.'], ['1 cup', '3 eggs', 'each', 'Write it like 10 cups or 1/3 cup.'],
        ['1 cup', '2 cups', 'each', 'One portion is more than there is.'],
    ]);
});

describe('before the bell', function () {
    it('says what, in words', function (array $lines, array $directions, array $scales, array $sentences) {
        $reader = new LineReader(Pantry::reference());
        $list = Preparation::of(array_map($reader->read(...), $lines), array_map(static fn (string $step) => new DirectionStep($step), $directions), $scales);
        expect(array_map(Phrasebook::in('en')->say(...), $list))->toBe([...$sentences, 'Have spare batteries ready for the scales.']);
    })->with([
        'nothing' => [['1 cup sugar'], ['Stir.'], [], []],
        'melted' => [['1 cup butter, melted'], [], [], ['Melt: Butter. Hot fat, in a heat-proof bowl.']],
        'warmed' => [['1 cup milk, warmed'], [], [], ['Warm: Whole milk.']],
        'an unknown thing, chopped' => [['1 cup blue zorbs, chopped'], [], [], ['Chop or grate: blue zorbs.']],
        'scales' => [[], [], ['Left', 'Right'], ['Check against a known weight: Left, Right.']],
        'an oven by any word' => [[], ['ROAST it.'], [], ['Heat the oven. Only you open it.']],
        'no oven in a word that holds one' => [[], ['Move it, proven.'], [], []],
        'melted before it is measured' => [['1 cup melted butter'], [], [], ['Melt: Melted butter. Hot fat, in a heat-proof bowl.']],
        'tins' => [['1 (400 g) can pumpkin'], [], [], ['Open the cans: Pumpkin puree.']],
    ]);

    it('knows each word for it', function (string $line, string $id) {
        $read = (new LineReader(Pantry::reference()))->read($line);
        expect(Preparation::of([$read], [], [])[0]->id)->toBe($id);
    })->with([
        ...array_map(static fn (string $how): array => ["1 cup milk, $how", 'prepare.warm'], ['warmed', 'scalded', 'boiled']),
        ...array_map(static fn (string $how): array => ["1 cup blue zorbs, $how", 'prepare.cut'], [
            'chopped', 'grated', 'sliced', 'shredded', 'diced', 'minced',
        ]),
        ...array_map(static fn (string $how): array => ["1 cup $how blue zorbs", 'prepare.cut'], ['chopped', 'grated', 'diced']),
        ['1 cup blue zorbs, peeled', 'prepare.batteries'],
        ['1 cup butter, softened', 'prepare.soften'], ['8 oz cream cheese', 'prepare.soften'],
        ...array_map(static fn (string $how): array => ["1 cup walnuts, $how", 'prepare.toast'], ['toasted', 'roasted', 'browned']),
        ['1 cup chopped walnuts', 'prepare.cut'], ['1 cup butter', 'prepare.batteries'],
    ]);

    it('knows each word of the directions for it', function (string $direction, string $id) {
        expect(Preparation::of([], [new DirectionStep($direction)], [])[0]->id)->toBe($id);
    })->with([
        ['Put it into the oven.', 'prepare.oven'], ['Bake it.', 'prepare.oven'], ['Roast the nuts.', 'prepare.oven'],
        ['Preheat to 180.', 'prepare.oven'], ['Fry it.', 'prepare.hot-fat'], ['Use deep frying.', 'prepare.hot-fat'],
        ['Pour in hot oil.', 'prepare.hot-fat'], ['Into hot fat.', 'prepare.hot-fat'], ['Boil it.', 'prepare.boiling'],
        ['Simmer gently.', 'prepare.boiling'], ['Stir well.', 'prepare.batteries'],
    ]);
});

it('finds a food by one or many, whatever its letters', function (string $word, string $singular) {
    expect((new NameFinder(Pantry::reference()))->singular($word))->toBe($singular);
})->with([
    ['eggs', 'egg'], ['berries', 'berry'], ['tomatoes', 'tomato'], ['oats', 'oat'], ['glass', 'glass'], ['egg', 'egg'],
    ['radishes', 'radish'],
]);
