<?php

declare(strict_types=1);

use Eris\Generators;
use Eris\TestTrait;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\Weighing\EqualPortions;
use Hovik\Core\Weighing\Verdict;

uses(TestTrait::class);

$scale = new Scale(1.0, 0.0, 5000.0);

it('shares a batch out in pieces of one weight, and judges each', function () use ($scale) {
    $portions = EqualPortions::of(1200.0, 12, [100.0, 120.0, 80.0, 105.0], $scale);
    expect($portions->each->grams)->toBe(100.0)->and($portions->each->band())->toBe([95.0, 105.0])
        ->and(array_column(array_map(fn ($one) => ['verdict' => $one->verdict], $portions->pieces), 'verdict'))
        ->toBe([Verdict::Level, Verdict::Heaped, Verdict::Shy, Verdict::TooClose])
        ->and($portions->restG)->toEqualWithDelta(795 / 8, 1e-9);
});

it('says what is left for the rest, while there is a rest', function () use ($scale) {
    expect(EqualPortions::of(300.0, 3, [], $scale)->restG)->toBeNull() // nothing is weighed: each as planned
        ->and(EqualPortions::of(300.0, 3, [90.0, 110.0, 100.0], $scale)->restG)->toBeNull()
        ->and(EqualPortions::of(300.0, 3, [200.0, 150.0], $scale)->restG)->toBeNull(); // there is no dough left
});

it('leaves nothing over when the rest is weighed as it says', function () use ($scale) {
    $this->forAll(Generators::choose(100, 8000), Generators::choose(2, 60), Generators::choose(1, 59))
        ->then(function (int $total, int $count, int $weighed) use ($scale) {
            $pieces = array_fill(0, min($weighed, $count - 1), round($total / $count) + 1.0);
            $rest = EqualPortions::of((float) $total, $count, $pieces, $scale)->restG;
            $left = $total - array_sum($pieces);
            expect($rest === null ? $left <= 0 : abs(array_sum($pieces) + $rest * ($count - count($pieces)) - $total) < 1e-6)->toBeTrue();
        });
});

it('refuses what cannot be shared out', function (float $total, int $count, array $pieces, string $field) use ($scale) {
    try {
        EqualPortions::of($total, $count, $pieces, $scale);
        $this->fail('taken');
    } catch (InvalidInput $refused) {
        expect($refused->field)->toBe($field);
    }
})->with([
    [0.0, 12, [], 'total_g'], [20001.0, 12, [], 'total_g'], [NAN, 12, [], 'total_g'], [600.0, 1, [], 'count'], [600.0, 61, [], 'count'],
    [600.0, 2, [1.0, 2.0, 3.0], 'pieces'], [600.0, 2, [6000.0], 'pieces'],
]);
