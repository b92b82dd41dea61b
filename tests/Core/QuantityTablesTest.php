<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Hovik\Core\JsonInput;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrasebook;

// Amounts as kitchens write and measure them, case by case: what the properties of QuantityPropertyTest cannot say.

const US = MeasureStandard::UsCustomary;
const LABEL = MeasureStandard::UsLabel240;
const METRIC = MeasureStandard::Metric250;
const AU = MeasureStandard::Australian;

describe('what a cook measures for what was said', function () {
    it('stays as said where a measure says it, and becomes spoons where none does', function (
        string $said, Unit $unit, MeasureStandard $standard, string $measured,
    ) {
        $kitchen = KitchenMeasure::asMeasured(Amount::of($said, $unit), $standard);
        expect($kitchen->text())->toBe($measured)->and($kitchen->exact)->toBeTrue()->and($kitchen->errorPct)->toBe(0.0);
    })->with([
        'a cup' => ['1', Unit::Cup, US, '1 cup'],
        'a quarter, the smallest cup there is' => ['1/4', Unit::Cup, US, '1/4 cup'],
        'a third' => ['1/3', Unit::Cup, US, '1/3 cup'],
        'half' => ['1/2', Unit::Cup, US, '1/2 cup'],
        'three quarters, though three fills of the quarter' => ['3/4', Unit::Cup, US, '3/4 cup'],
        'below the smallest cup' => ['1/6', Unit::Cup, US, '2 tbsp + 2 tsp'],
        'an eighth of a cup' => ['1/8', Unit::Cup, US, '2 tbsp'],
        'an eighth of a metric cup' => ['1/8', Unit::Cup, METRIC, '2 tbsp + 1/4 tsp'],
        'an eighth of an Australian cup, with its larger spoon' => ['1/8', Unit::Cup, AU, '1 tbsp + 2 1/4 tsp'],
        'a twelfth' => ['1/12', Unit::Cup, US, '1 tbsp + 1 tsp'],
        'no cup has eighths' => ['5/8', Unit::Cup, US, '1/2 cup + 2 tbsp'],
        'over one' => ['1 5/8', Unit::Cup, US, '1 1/2 cups + 2 tbsp'],
        'the larger cup first' => ['3/8', Unit::Cup, US, '1/3 cup + 2 tsp'],
        'in a class whose third is no whole spoon' => ['3/8', Unit::Cup, METRIC, '1/4 cup + 2 tbsp + 1/4 tsp'],
        'what spoons cannot say stays' => ['1/6', Unit::Cup, METRIC, '1/6 cup'],
        'nor sevenths' => ['1/7', Unit::Cup, US, '1/7 cup'],
        'whole tablespoons stay tablespoons' => ['4', Unit::Tablespoon, US, '4 tbsp'],
        'half tablespoons become teaspoons' => ['1 1/2', Unit::Tablespoon, US, '1 tbsp + 1 1/2 tsp'],
        'two teaspoons where four make the spoon' => ['1 1/2', Unit::Tablespoon, AU, '1 tbsp + 2 tsp'],
        'teaspoons stay teaspoons' => ['6', Unit::Teaspoon, US, '6 tsp'],
        'stamped and unstamped parts of one' => ['3/4', Unit::Teaspoon, US, '3/4 tsp'],
        'fluid ounces' => ['4', Unit::FluidOunce, US, '4 fl oz'],
        'a jug has its millilitres' => ['330', Unit::Millilitre, US, '330 mL'],
        'a weight is a weight' => ['5', Unit::Gram, US, '5 g'],
    ]);

    it('says an amount by cups and spoons, or how far the nearest is', function (
        string $said, Unit $unit, MeasureStandard $standard, string $measured, float $offPct,
    ) {
        $kitchen = KitchenMeasure::of(Amount::of($said, $unit), $standard);
        expect($kitchen->text())->toBe($measured)->and($kitchen->exact)->toBe($offPct === 0.0)
            ->and(abs($kitchen->errorPct - $offPct))->toBeLessThan(0.001);
        $again = KitchenMeasure::fromArray(new JsonInput((array) json_decode((string) json_encode($kitchen->toArray()), true)));
        expect($again)->toEqual($kitchen);
    })->with([
        'a pinch, too little for a spoon' => ['1', Unit::Pinch, US, '1 pinch', 0.0],
        'two of them are the smallest spoon' => ['2', Unit::Pinch, US, '1/8 tsp', 0.0],
        'two are an eighth of a teaspoon' => ['2', Unit::Pinch, LABEL, '1/8 tsp', 0.0],
        'one and a half' => ['1 1/2', Unit::Pinch, US, '2 pinches', 33.333],
        'half a pinch is one: never none' => ['1/2', Unit::Pinch, US, '1 pinch', 100.0],
        'what nobody pinches is told in teaspoons' => ['1/7', Unit::Pinch, US, '1/8 tsp', 1300.0],
        'a dash' => ['1', Unit::Dash, US, '1/8 tsp', 0.0],
        'a dash by the label' => ['1', Unit::Dash, LABEL, '1/8 tsp', 0.0],
        'two dashes there' => ['2', Unit::Dash, LABEL, '1/4 tsp', 0.0],
        'smidgens' => ['3', Unit::Smidgen, US, '3 smidgens', 0.0],
        'a drop' => ['1', Unit::Drop, US, '1 drop', 0.0],
        'a third of one' => ['1/3', Unit::Drop, METRIC, '1 drop', 200.0],
        'eggs' => ['3', Unit::Piece, US, '3 pieces', 0.0],
        'two and a half of them' => ['2 1/2', Unit::Piece, US, '3 pieces', 20.0],
        'a third of one is one' => ['1/3', Unit::Piece, US, '1 piece', 200.0],
        'half a dozen is six' => ['1/2', Unit::Dozen, US, '1/2 dozen', 0.0],
        'a third of a dozen is four' => ['1/3', Unit::Dozen, US, '1/3 dozen', 0.0],
        'a fifth of a dozen is no whole egg' => ['1/5', Unit::Dozen, US, '1/6 dozen', -16.667],
        'a cup less, so that spoons can say the rest' => ['1 1/15', Unit::Cup, METRIC, '2/3 cup + 6 tbsp + 2 tsp', 0.0],
        'the same with spoons of 20 mL' => ['1 1/15', Unit::Cup, AU, '2/3 cup + 5 tbsp', 0.0],
        'the nearest eighth' => ['1 1/15', Unit::Cup, US, '1 cup + 1 tbsp + 1/4 tsp', 0.098],
        'a seventh, rounded up' => ['1/7', Unit::Cup, US, '2 tbsp + 7/8 tsp', 0.260],
        'a seventh, rounded down' => ['1/7', Unit::Cup, METRIC, '2 tbsp + 1 1/8 tsp', -0.25],
        'a pint' => ['1', Unit::Pint, US, '2 cups', 0.0],
        'a fluid ounce' => ['1', Unit::FluidOunce, US, '2 tbsp', 0.0],
        'spoons that make a cup' => ['17', Unit::Teaspoon, US, '1/3 cup + 1 tsp', 0.0],
        'and more of them' => ['7', Unit::Tablespoon, METRIC, '1/4 cup + 2 tbsp + 2 1/2 tsp', 0.0],
        'half a litre' => ['1/2', Unit::Litre, METRIC, '1/2 L', 0.0],
        'an ounce is a weight' => ['3', Unit::Ounce, US, '3 oz', 0.0],
    ]);

    it('says the spoons of a volume, and that there are none', function () {
        expect(KitchenMeasure::inSpoons(BigRational::of(20), METRIC)?->text())->toBe('1 tbsp + 1 tsp')
            ->and(KitchenMeasure::inSpoons(BigRational::of(20), METRIC)?->exact)->toBeTrue()
            ->and(KitchenMeasure::inSpoons(BigRational::of(20), METRIC)?->errorPct)->toBe(0.0)
            ->and(KitchenMeasure::inSpoons(BigRational::of(20), AU)?->text())->toBe('1 tbsp')
            ->and(KitchenMeasure::inSpoons(BigRational::of('1/2'), METRIC))->toBeNull()
            ->and(KitchenMeasure::inSpoons(BigRational::zero(), METRIC))->toBeNull();
    });
});

describe('how people write a number', function () {
    it('reads it', function (string $text, string $number) {
        expect((string) KitchenNotation::read($text)->simplified())->toBe($number);
    })->with([
        ['2', '2'], ['007', '7'], ['1.625', '13/8'], ['1,5', '3/2'], ['.5', '1/2'], [',5', '1/2'], ['0.5', '1/2'], ['13/8', '13/8'],
        ['1 5/8', '13/8'], ['1-5/8', '13/8'], ['1 - 5/8', '13/8'], ['1 ⅝', '13/8'], ['1⅝', '13/8'], ['⅝', '5/8'], ['⅒', '1/10'],
        ["1\u{2044}4", '1/4'], ["1\u{2215}4", '1/4'], ["1\u{00A0}1/4", '5/4'], ["1\u{2009}1/4", '5/4'], ["1\u{200A}1/4", '5/4'],
        ["1\u{202F}1/4", '5/4'], ["\u{00A0}2\u{00A0}", '2'], [' 3 ', '3'], ['1 / 4', '1/4'], ['0', '0'], ['1 4/8', '3/2'],
        [str_repeat('0', 39).'7', '7'],
    ]);

    it('says what is wrong with it', function (string $text, string $says) {
        expect(refused(fn () => KitchenNotation::read($text, 'how_much')))->toBe(['how_much', $says]);
    })->with([
        ['', 'Say how much.'], ["\u{00A0} \u{2009}", 'Say how much.'],
        [str_repeat('0', 40).'7', 'That number is too long to be an amount.'],
        ['1/0', '"1/0" divides by zero.'], ['1/000', '"1/000" divides by zero.'],
        ['-5', 'An amount cannot be below zero: "-5".'], ["\u{2212}5", "An amount cannot be below zero: \"\u{2212}5\"."],
        ['-⅝', 'An amount cannot be below zero: "-⅝".'],
        ['lots', '"lots" is not an amount. Write it like 1 3/4 or 1.75.'],
        ['5-', '"5-" is not an amount. Write it like 1 3/4 or 1.75.'],
        ["5\u{2212}", "\"5\u{2212}\" is not an amount. Write it like 1 3/4 or 1.75."],
        ['1.2.3', '"1.2.3" is not an amount. Write it like 1 3/4 or 1.75.'],
        ['½½', '"½½" is not an amount. Write it like 1 3/4 or 1.75.'],
        ['1 1', '"1 1" is not an amount. Write it like 1 3/4 or 1.75.'],
        ['5.', '"5." is not an amount. Write it like 1 3/4 or 1.75.'],
    ]);

    it('writes it in lowest terms, with its sign', function (string $number, string $written) {
        expect(KitchenNotation::write(BigRational::of($number)))->toBe($written);
    })->with([['0', '0'], ['3', '3'], ['10/16', '5/8'], ['26/16', '1 5/8'], ['-26/16', '-1 5/8'], ['-1/2', '-1/2'], ['-2', '-2']]);

    it('knows the fractions of a kitchen', function (string $number, bool $isOne) {
        expect(KitchenNotation::isKitchenFraction(BigRational::of($number)))->toBe($isOne);
    })->with([
        ['2', true], ['1/2', true], ['2/3', true], ['7/4', true], ['5/8', true], ['2/16', true], ['1/5', false], ['1/6', false],
        ['1/16', false],
    ]);

    it('rounds half up, below zero, too', function (string $number, int $parts, string $nearest) {
        expect((string) KitchenNotation::nearest(BigRational::of($number), $parts))->toBe($nearest);
    })->with([
        ['1/2', 1, '1'], ['49/100', 1, '0'], ['1/16', 8, '1/8'], ['1/17', 8, '0'], ['-1/2', 1, '0'], ['-51/100', 1, '-1'],
        ['-3/2', 1, '-1'],
        ['-2', 1, '-2'], ['5/3', 4, '7/4'],
    ]);
});

describe('a class measures by one standard', function () {
    it('has a size for its units, to the last digit', function (MeasureStandard $standard, Unit $unit, string $size) {
        expect((string) $standard->size($unit))->toBe($size)->and($standard->sizeAbout($unit))->toBe(BigRational::of($size)->toFloat());
    })->with([
        [US, Unit::Cup, '473176473/2000000'], [LABEL, Unit::Cup, '240'], [METRIC, Unit::Cup, '250'], [AU, Unit::Cup, '250'],
        [US, Unit::Tablespoon, '473176473/32000000'], [LABEL, Unit::Tablespoon, '15'], [METRIC, Unit::Tablespoon, '15'],
        [AU, Unit::Tablespoon, '20'], [LABEL, Unit::Teaspoon, '5'], [AU, Unit::Teaspoon, '5'], [LABEL, Unit::FluidOunce, '30'],
        [LABEL, Unit::Ounce, '28'], [METRIC, Unit::Ounce, '45359237/1600000'],
        'what a label leaves open is as in the kitchen' => [LABEL, Unit::Pound, '45359237/100000'],
        'its pint is two of its cups' => [LABEL, Unit::Pint, '480'], 'its quart four' => [LABEL, Unit::Quart, '960'],
        [LABEL, Unit::Gallon, '3840'], [LABEL, Unit::Gill, '120'],
        'what a standard leaves open keeps its US size' => [METRIC, Unit::FluidOunce, '473176473/16000000'],
        [AU, Unit::Pint, '473176473/1000000'], [METRIC, Unit::Gallon, '473176473/125000'], [METRIC, Unit::Stick, '45359237/400000'],
        [AU, Unit::DryPint, '220244188543/400000000'], [LABEL, Unit::DryPint, '220244188543/400000000'],
    ]);

    it('asks what was meant where it has none', function (MeasureStandard $standard, Unit $unit, string $says) {
        expect(refused(fn () => $standard->size($unit, 'line')))->toBe(['line', $says]);
        expect(refused(fn () => $standard->size($unit)))->toBe(['unit', $says]);
    })->with([
        [US, Unit::Can, '1 can: say how much is in it.'],
        [LABEL, Unit::Handful, '1 handful: say how much is in it.'],
    ]);

    it('is one of four; the old imperial is only for reading', function () {
        foreach ([US, LABEL, METRIC, AU] as $standard) {
            expect(MeasureStandard::named($standard->value))->toBe($standard);
        }
        $says = 'Choose one of these: us_customary, us_label_240, metric_250, au.';
        expect(refused(fn () => MeasureStandard::named('uk_imperial_legacy')))->toBe(['standard', $says])
            ->and(refused(fn () => MeasureStandard::named('', 'cup')))->toBe(['cup', $says]);
    });
});

describe('an amount', function () {
    it('is above zero and below any kitchen', function () {
        expect(refused(fn () => Amount::of('0', Unit::Cup, 'line')))->toBe(['line', 'The amount must be more than zero.'])
            ->and(refused(fn () => Amount::of(BigRational::of('-1/2'), Unit::Cup))[0] ?? null)->toBe('amount')
            ->and(refused(fn () => Amount::of('1000001', Unit::Gram))[1] ?? null)->toBe('That amount is too large for a kitchen.')
            ->and(
                refused(fn () => Amount::of('1', Unit::Cup)->times(BigRational::zero())),
            )->toBe(['factor', 'The amount must be more than zero.']);
    });

    it('is written for people, one or many', function (string $number, Unit $unit, string $en, string $es) {
        $amount = Amount::of($number, $unit);
        expect($amount->text())->toBe($en)->and(Phrasebook::in('es')->say($amount->phrase()))->toBe($es);
    })->with([
        ['1', Unit::Cup, '1 cup', '1 taza'], ['1 1/2', Unit::Cup, '1 1/2 cups', '1 1/2 tazas'], ['1/2', Unit::Cup, '1/2 cup', '1/2 taza'],
        ['2', Unit::Tablespoon, '2 tbsp', '2 cda'], ['1', Unit::Stick, '1 stick', '1 barra'], ['2', Unit::Stick, '2 sticks', '2 barras'],
        ['2', Unit::Pinch, '2 pinches', '2 pizcas'], ['2', Unit::Dash, '2 dashes', '2 toques'], ['1', Unit::Millilitre, '1 mL', '1 mL'],
        ['2', Unit::Litre, '2 L', '2 L'], ['3', Unit::FluidOunce, '3 fl oz', '3 fl oz'],
    ]);

    it('is refused in a unit nobody knows', function () {
        expect(refused(fn () => Unit::named('firkin', 'u')))->toBe(['u', 'There is no unit "firkin".'])
            ->and(Unit::named('fl-oz'))->toBe(Unit::FluidOunce);
    });
});

it('shows grams as a kitchen reads them: tenths below a hundred, hundredths below ten of a gram', function (string $grams, string $shown) {
    expect((string) ShownGrams::of((float) $grams))->toBe($shown)
        ->and((string) ShownGrams::of(BigRational::of($grams)))->toBe($shown);
})->with([['219', '219'], ['218.5', '219'], ['218.4', '218'], ['-218.5', '-219'], ['3.44', '3.4'], ['0.31', '0.31']]);
