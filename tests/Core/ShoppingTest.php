<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Eris\Generators;
use Eris\TestTrait;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\Need;
use Hovik\Core\Plan\Supplies;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Shopping\Pack;
use Hovik\Core\Shopping\ShoppingLine;

uses(TestTrait::class);

$pantry = Pantry::reference();
$need = fn (string $food, string $grams, ?int $stations = null) => new Need(
    $pantry->ingredient($food), Amount::of($grams, Unit::Gram), BigRational::of($grams), $stations,
);
$supplies = fn (Need ...$needs) => Supplies::of($needs, 4, 0, MeasureStandard::UsCustomary);
$pack = fn (string $food, string $size, Unit $unit, string $stock = '0', ?string $price = null) => Pack::of(
    $size, $unit, $stock, $price, $pantry->ingredient($food), $pantry,
);

it('buys whole packs for all labs together, less what is at hand', function () use ($need, $supplies, $pack) {
    $labs = [$supplies($need('bread-flour', '500')), $supplies($need('bread-flour', '300'), $need('whole-milk', '244'))];
    $packs = ['bread-flour' => $pack('bread-flour', '2', Unit::Kilogram, '0.5', '3.49'), 'whole-milk' => $pack('whole-milk', '1', Unit::Litre)];
    [$flour, $milk] = ShoppingLine::all($labs, $packs);
    expect($flour->neededG->toInt())->toBe(3200)->and($flour->missingG->toInt())->toBe(2700)->and($flour->packs)->toBe(2)
        ->and($flour->overG->toInt())->toBe(1300)->and((string) $flour->cost)->toBe('6.98')->and($flour->labs)->toBe([0, 1])
        ->and($milk->packs)->toBe(1) // 976 g, and a litre weighs 1,031
        ->and($milk->cost)->toBeNull()
        ->and((string) ShoppingLine::total([$flour, $milk]))->toBe('6.98');
});

it('says grams where nobody said how it is bought', function () use ($need, $supplies) {
    [$line] = ShoppingLine::all([$supplies($need('table-salt', '6'))], []);
    expect([$line->packs, $line->overG, $line->cost])->toBe([null, null, null])->and($line->missingG->toInt())->toBe(24);
});

it('counts what is bought by the piece, and what is needed at some stations only', function () use ($need, $supplies, $pack) {
    $dozen = ['egg-large' => $pack('egg-large', '12', Unit::Piece, '3')];
    [$eggs] = ShoppingLine::all([$supplies($need('egg-large', '100'))], $dozen); // 8 eggs, 3 at hand
    expect($eggs->packs)->toBe(1)->and($eggs->overG->toInt())->toBe(7 * 50);
    [$few] = ShoppingLine::all([$supplies($need('egg-large', '100', 1))], $dozen);
    expect($few->packs)->toBe(0)->and($few->missingG->isZero())->toBeTrue();
    expect($supplies($need('egg-large', '100', 0)))->toBe([]); // every station has something else
});

it('never buys too little, and never a pack too many', function () use ($need, $supplies, $pack) {
    $this->forAll(Generators::choose(1, 4000), Generators::choose(1, 3000), Generators::choose(0, 5000))
        ->then(function (int $each, int $size, int $stock) use ($need, $supplies, $pack) {
            [$line] = ShoppingLine::all(
                [$supplies($need('bread-flour', (string) $each))],
                ['bread-flour' => $pack('bread-flour', (string) $size, Unit::Gram, (string) $stock)],
            );
            $bought = $line->packs * $size;
            expect($stock + $bought)->toBeGreaterThanOrEqual(4 * $each);
            expect($line->packs === 0 || $stock + $bought - $size < 4 * $each)->toBeTrue();
            expect($line->overG->toInt())->toBe($stock + $bought - 4 * $each);
        });
});

it('refuses packs that nobody sells', function (string $food, string $size, Unit $unit, string $stock, ?string $price, string $field) use ($pack) {
    try {
        $pack($food, $size, $unit, $stock, $price);
        $this->fail('taken');
    } catch (InvalidInput $refused) {
        expect($refused->field)->toBe($field);
    }
})->with([
    ['bread-flour', '0', Unit::Kilogram, '0', null, 'size'], ['bread-flour', 'a bag', Unit::Kilogram, '0', null, 'size'],
    ['bread-flour', '1', Unit::Cup, '0', null, 'unit'], ['bread-flour', '1', Unit::Piece, '0', null, 'unit'],
    ['egg-large', '1', Unit::Litre, '0', null, 'unit'], ['bread-flour', '1', Unit::Kilogram, '-1', null, 'stock'],
    ['bread-flour', '1', Unit::Kilogram, 'some', null, 'stock'], ['bread-flour', '1', Unit::Kilogram, '0', '-2', 'price'],
    ['bread-flour', '1', Unit::Kilogram, '0', 'cheap', 'price'], ['bread-flour', '1', Unit::Kilogram, '99999999999', null, 'stock'],
]);
