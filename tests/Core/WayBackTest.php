<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\CookMeasure;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\WayBack;

// Grams back to measures, as a cook would say them.

it('says grams as a cook would', function (string $food, string $grams, string $says) {
    $measure = WayBack::measure(BigRational::of($grams), Pantry::reference()->ingredient($food), MeasureStandard::UsCustomary, Pantry::reference());
    expect($measure->text())->toBe($says);
})->with([
    ['all-purpose-flour', '249.9', '2 cups'], ['all-purpose-flour', '93.75', '3/4 cup'], ['all-purpose-flour', '125', '1 cup'],
    ['butter', '113.4', '1/2 cup'], ['butter', '227', '1 cup'], ['butter', '14.2', '1 tbsp'], ['granulated-sugar', '66.7', '1/3 cup'],
    ['granulated-sugar', '283.3', '3/4 cup + 2/3 cup'], ['honey', '85', '1/4 cup'], ['table-salt', '6', '1 tsp'], ['baking-powder', '14', '1 tbsp'],
    ['granulated-sugar', '2000', '10 cups'],
]);

it('is near enough, with two measures at most, or says what is nearest', function () {
    foreach (['all-purpose-flour', 'butter', 'honey', 'table-salt', 'rolled-oats'] as $id) {
        $food = Pantry::reference()->ingredient($id);
        for ($grams = 20; $grams < 900; $grams += 7) {
            $measure = WayBack::measure(BigRational::of($grams), $food, MeasureStandard::UsCustomary, Pantry::reference());
            if (count($measure->parts) <= 2) {
                expect(abs($measure->errorPct))->toBeLessThan(6.1, "$id, $grams g: {$measure->text()}");
            }
        }
    }
});

it('never says more measures than needed: no single one is as near', function () {
    $us = MeasureStandard::UsCustomary;
    foreach (['17/12', '5/6', '1', '13/12', '7/8', '1/3', '29/12'] as $cups) {
        $ml = Amount::of($cups, Unit::Cup)->inBase($us);
        $parts = CookMeasure::of($ml, $us, 0.005);
        $sum = array_sum(array_map(static fn (Amount $one): float => $one->inBase($us)->toFloat(), $parts ?? []));
        expect($parts)->not->toBeNull($cups)->and(abs($sum / $ml->toFloat() - 1))->toBeLessThan(0.0051);
        if (count($parts ?? []) === 2) {
            foreach (['1/4', '1/3', '1/2', '2/3', '3/4', '1', '1 1/4', '1 1/3', '1 1/2', '2', '2 1/3', '2 1/2'] as $one) {
                expect(abs(Amount::of($one, Unit::Cup)->inBase($us)->toFloat() / $ml->toFloat() - 1))->toBeGreaterThan(0.005, "$cups is $one");
            }
        }
    }
});

it('says two cup fractions before a row of spoons when it scales', function (string $cups, string $says) {
    expect(KitchenMeasure::of(Amount::of($cups, Unit::Cup), MeasureStandard::UsCustomary)->text())->toBe($says);
})->with([
    ['17/12', '3/4 cup + 2/3 cup'], ['7/12', '1/3 cup + 1/4 cup'], ['1 3/4', '1 3/4 cups'], ['5/8', '1/2 cup + 2 tbsp'], ['1/6', '2 tbsp + 2 tsp'],
]);

it('turns sticks of fat into cups and back exactly, and nothing else', function (string $food, string $amount, Unit $from, Unit $to, ?string $is) {
    $sticks = Conversion::sticks(Amount::of($amount, $from), $to, Pantry::reference()->ingredient($food), MeasureStandard::UsCustomary);
    expect($sticks === null ? null : (string) $sticks)->toBe($is);
})->with([
    ['butter', '2', Unit::Stick, Unit::Cup, '1'], ['butter', '1/2', Unit::Stick, Unit::Tablespoon, '4'], ['butter', '1', Unit::Cup, Unit::Stick, '2'],
    ['butter', '4', Unit::Tablespoon, Unit::Stick, '1/2'], ['butter', '1', Unit::Stick, Unit::Gram, null], ['honey', '1', Unit::Stick, Unit::Cup, null],
    ['butter', '1', Unit::Cup, Unit::Tablespoon, null],
]);
