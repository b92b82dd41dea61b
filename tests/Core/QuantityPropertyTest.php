<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Eris\Generators;
use Eris\TestTrait;
use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Quantity\Unit;

uses(TestTrait::class);

$fraction = fn () => Generators::map(
    fn (array $n): BigRational => BigRational::of("$n[0]/$n[1]"),
    Generators::tuple(Generators::choose(0, 5000), Generators::choose(1, 96)),
);
$kitchenStandards = [MeasureStandard::UsCustomary, MeasureStandard::UsLabel240, MeasureStandard::Metric250, MeasureStandard::Australian];

it('reads back every number it writes', function () use ($fraction) {
    $this->forAll($fraction())->then(function (BigRational $number): void {
        expect(KitchenNotation::read(KitchenNotation::write($number))->isEqualTo($number))->toBeTrue();
    });
});

it('reads the same number in all the ways people write it', function () {
    $signs = ['1/2' => '½', '1/4' => '¼', '3/4' => '¾', '1/3' => '⅓', '2/3' => '⅔', '1/8' => '⅛', '5/8' => '⅝'];
    $this->forAll(Generators::choose(0, 40), Generators::elements(array_keys($signs)))
        ->then(function (int $whole, string $plain) use ($signs): void {
            $sign = $signs[$plain];
            $number = BigRational::of($plain)->plus($whole);
            foreach ([
                "$whole $plain", "$whole-$plain", " $whole  $plain ", "$whole$sign", "$whole $sign",
                "$whole\u{2009}".str_replace('/', "\u{2044}", $plain),
                $number->simplified()->getNumerator().'/'.$number->simplified()->getDenominator(),
            ] as $text) {
                expect(KitchenNotation::read($text)->isEqualTo($number))->toBeTrue($text);
            }
        });
});

it('refuses what is no amount, and says which field', function (string $text) {
    try {
        KitchenNotation::read($text, 'amount');
    } catch (InvalidInput $refusal) {
        expect($refusal->field)->toBe('amount')->and($refusal->getMessage())->not->toBeEmpty();

        return;
    }
    throw new LogicException("'$text' was read");
})->with(['', ' ', 'a', '-1', '−1', '1/0', '1 2', '1 1', '1/2/3', '1e9', 'NaN', '1 1/2 1/2', '½ 1', '0x10', str_repeat('9', 41), "1\n/2;"]);

it('keeps the laws of arithmetic exactly', function () use ($fraction) {
    $this->forAll($fraction(), $fraction(), $fraction())->then(function (BigRational $a, BigRational $b, BigRational $c): void {
        expect($a->plus($b)->multipliedBy($c)->isEqualTo($a->multipliedBy($c)->plus($b->multipliedBy($c))))->toBeTrue();
        if (! $c->isZero()) {
            expect($a->multipliedBy($c)->dividedBy($c)->isEqualTo($a))->toBeTrue();
        }
    });
});

it('scales there and back without a trace', function () use ($fraction) {
    $this->forAll($fraction(), $fraction())->then(function (BigRational $number, BigRational $factor): void {
        if (! $number->isPositive() || ! $factor->isPositive()) {
            return;
        }
        $there = $number->multipliedBy($factor);
        if ($there->isGreaterThan(100_000)) {
            return;
        }
        $amount = Amount::of($number, Unit::Cup);
        expect($amount->times($factor)->times(BigRational::of(1)->dividedBy($factor))->number->isEqualTo($number))->toBeTrue();
    });
});

it('expresses an amount in kitchen measures that add up to it, largest first', function () use ($fraction, $kitchenStandards) {
    $this->forAll($fraction(), Generators::elements([Unit::Cup, Unit::Tablespoon, Unit::Teaspoon]), Generators::elements($kitchenStandards))
        ->then(function (BigRational $number, Unit $unit, MeasureStandard $standard): void {
            if (! $number->isPositive()) {
                return;
            }
            $amount = Amount::of($number, $unit);
            $kitchen = KitchenMeasure::of($amount, $standard);
            $total = array_reduce(
                $kitchen->parts, fn (BigRational $sum, Amount $part) => $sum->plus($part->inBase($standard)), BigRational::zero(),
            );
            $off = $total->minus($amount->inBase($standard));
            if ($kitchen->exact) {
                expect($off->isZero())->toBeTrue();
            } else {
                // Never further off than half an eighth of a teaspoon, save where the least there is, is more.
                expect(
                    $off->abs()
                        ->isLessThanOrEqualTo(
                            $standard->size(Unit::Teaspoon)->dividedBy(16)
                                ->multipliedBy($kitchen->text() === '1/8 tsp' ? 2 : 1),
                        ),
                )->toBeTrue($amount->text());
            }
            $sizes = array_map(fn (Amount $part) => $standard->size($part->unit)->toFloat(), $kitchen->parts);
            $sorted = $sizes;
            rsort($sorted);
            expect($sizes)->toBe($sorted);
            foreach ($kitchen->parts as $part) {
                expect(KitchenNotation::isKitchenFraction($part->number))->toBeTrue();
            }
        });
});

it('never goes wrong by more than half a last digit when it shows grams', function () {
    $this->forAll(Generators::choose(1, 10_000_000))->then(function (int $tenThousandths): void {
        $grams = BigRational::of("$tenThousandths/10000");
        $shown = ShownGrams::of($grams);
        $places = $grams->isGreaterThanOrEqualTo(10) ? 0 : ($grams->isGreaterThanOrEqualTo(1) ? 1 : 2);
        expect($shown->getScale())->toBe($places);
        expect(
            $shown->toBigRational()->minus($grams)->abs()
                ->isLessThanOrEqualTo(BigRational::of(1)->dividedBy(2 * 10 ** $places)),
        )->toBeTrue();
    });
});
