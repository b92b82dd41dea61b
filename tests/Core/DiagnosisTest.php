<?php

declare(strict_types=1);

use Eris\Generators;
use Eris\TestTrait;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Diagnosis\Diagnostician;
use Hovik\Core\Diagnosis\Prediction;
use Hovik\Core\Diagnosis\Priors;
use Hovik\Core\Diagnosis\Situation;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\ToolPlanner;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Weight;

uses(TestTrait::class);

/** A line as planned from a usual drawer; null where it cannot be measured. */
$situation = function (string $id, string $number, Unit $unit, float $times, array $more = [], float $step = 0.1): ?Situation {
    $pantry = Pantry::reference();
    $ingredient = $pantry->ingredient($id);
    $us = MeasureStandard::UsCustomary;
    $drawer = array_map(
        fn (string $tool) => ToolCatalogue::tool($tool, $us),
        [
            'dry-cup-us-1-4', 'dry-cup-us-1-3', 'dry-cup-us-1-2', 'dry-cup-us-1', 'spoon-us-1-2-tsp', 'spoon-us-1-tsp',
            'spoon-us-1-tbsp', 'liquid-measure-us-2-cup',
        ],
    );
    $plans = (new ToolPlanner($pantry))->plan(Amount::of($number, $unit), $ingredient, $drawer, $us);
    $fills = $plans->best()?->fills ?? [];
    if ($fills === [] || $plans->best()?->waterTo !== null) {
        return null;
    }

    return new Situation(
        $pantry, $ingredient, Amount::of($number, $unit), $us, $fills, null, $plans->weighG,
        ScaleReading::of($plans->weighG * $times, new Scale($step, 0.0)), ...($more + ['drawer' => $drawer]),
    );
};

it('answers any food, amount and reading: sorted, adding up, and each with a range of its own', function () use ($situation) {
    $ids = array_values(
        array_filter(Pantry::reference()->ids(), fn (string $id) => Pantry::reference()->ingredient($id)->family !== Family::Counted),
    );
    $this->limitTo(150)->forAll(
        Generators::elements($ids),
        Generators::elements([['1', Unit::Cup], ['2/3', Unit::Cup], ['1 3/4', Unit::Cup], ['2', Unit::Tablespoon], ['1', Unit::Teaspoon]]),
        Generators::elements([0.0, 0.02, 0.1, 0.5, 0.8, 0.95, 1.0, 1.05, 1.2, 1.5, 2.0, 3.0, 10.0, 60.0]),
        Generators::elements([null, 0.0, 25.0, 340.0]), Generators::subset(Step::cases()), Generators::choose(0, 5),
    )->then(function (string $id, array $amount, float $times, ?float $container, array $skipped, int $before) use ($situation): void {
        $at = $situation(
            $id, $amount[0], $amount[1], $times,
            ['containerG' => $container, 'skipped' => array_values($skipped), 'history' => ['heaped' => $before]],
        );
        if ($at === null) {
            return;
        }
        $diagnosis = Diagnostician::diagnose($at);
        $ps = array_map(fn ($cause) => $cause->p, $diagnosis->causes);
        expect(array_sum($ps) + $diagnosis->unexplained)->toBeGreaterThan(0.8)->toBeLessThanOrEqual(1.0 + 1e-9);
        expect($ps)->toBe(array_values(collect_sorted($ps)));
        foreach ($diagnosis->best() as $cause) {
            [$low, $high] = $cause->range();
            expect($low)->toBeGreaterThanOrEqual(0.0)->toBeLessThan($high);
        }
    });
});
/** @param  list<float>  $ps @return list<float> */
function collect_sorted(array $ps): array
{
    rsort($ps);

    return $ps;
}

it('gives priors that add up, and moves them by steps, past and what can happen', function () use ($situation) {
    $at = fn (array $more = []) => $situation('bread-flour', '1 3/4', Unit::Cup, 1.1, $more);
    $possible = array_map(
        fn (Cause $cause) => $cause->value,
        array_filter(Cause::cases(), fn (Cause $cause) => Diagnostician::predict($cause, $at()) !== null),
    );
    $plain = Priors::of($at(), $possible);
    expect(array_sum($plain) + Priors::OUTLIER)->toEqualWithDelta(1.0, 1e-9)->and($plain)->not->toHaveKeys(
        ['eye-above', 'salt-crystal', 'tsp-for-tbsp', 'not-scaled', 'unsifted', 'residue'],
    );
    $skipped = Priors::of($at(['skipped' => [Step::SpoonHeaped]]), $possible);
    $ticked = Priors::of($at(['ticked' => [Step::SpoonHeaped]]), $possible);
    expect($skipped['dipped'])->toBeGreaterThan(2 * $plain['dipped'])->and($ticked['dipped'])
        ->toBeLessThan($plain['dipped'])->and($skipped['sound'])->toBeLessThan($plain['sound']);
    $heaper = Priors::of($at(['history' => ['heaped' => 5, 'sound' => 3]]), $possible);
    expect($heaper['heaped'])->toBeGreaterThan(4 * $plain['heaped'])->and($heaper['dipped'])->toBeLessThan($plain['dipped']);
});

it('moves the ranking by what was ticked, and by a student who often heaps', function () use ($situation) {
    $first = fn (array $more) => Diagnostician::diagnose($situation('bread-flour', '1', Unit::Cup, 1.25, $more))->first()?->cause;
    expect($first(['skipped' => [Step::SweepLevel]]))->toBe(Cause::Heaped)
        ->and($first(['skipped' => [Step::SpoonHeaped]]))->toBe(Cause::Dipped)
        ->and($first(['history' => ['heaped' => 9, 'sound' => 4]]))->toBe(Cause::Heaped);
});

it('blames nobody for nonsense, and names two slips where one explains nothing', function () use ($situation) {
    $at = fn (float $times, array $more = []) => Diagnostician::diagnose($situation('light-brown-sugar', '3/4', Unit::Cup, $times, $more));
    expect($at(500.0)->isExplained())->toBeFalse();
    $pair = $at(0.66 + 340 / 165, ['containerG' => 340.0])->first();
    expect($pair?->cause)->toBe(Cause::LooseSugar)->and($pair?->with)->toBe(Cause::NotTared);
});

it('has one place for every cause, and predicts each somewhere', function () use ($situation) {
    $lines = [
        ['bread-flour', '1 3/4', Unit::Cup, []], ['cake-flour', '1', Unit::Cup, ['method' => 'sift']],
        ['light-brown-sugar', '3/4', Unit::Cup, []], ['table-salt', '1', Unit::Teaspoon, []],
        ['cinnamon', '1', Unit::Tablespoon, []],
        ['whole-milk', '12', Unit::FluidOunce, ['factor' => 2.0, 'others' => [50.0]]], ['honey', '1/3', Unit::Cup, []],
        ['butter', '1/2', Unit::Cup, []],
    ];
    $seen = [];
    foreach ($lines as [$id, $number, $unit, $more]) {
        $sifts = ($more['method'] ?? null) === 'sift';
        unset($more['method']);
        $at = $situation($id, $number, $unit, 1.0, $more);
        expect($at)->not->toBeNull($id);
        if ($sifts) {
            $at = new Situation(
                $at->pantry, $at->ingredient, $at->amount, $at->standard, $at->fills,
                Hovik\Core\Technique\HouseMethod::SiftSpoonLevel, $at->targetG, $at->reading,
            );
        }
        foreach (Cause::cases() as $cause) {
            if (Diagnostician::predict($cause, $at) !== null) {
                $seen[$cause->value] = true;
            }
        }
    }
    // What is counted, or weighed out, has no tools.
    foreach ([['egg-large', '2', Unit::Piece, 100.0], ['all-purpose-flour', '250', Unit::Gram, 250.0]] as [$id, $number, $unit, $grams]) {
        $at = new Situation(
            Pantry::reference(), Pantry::reference()->ingredient($id), Amount::of($number, $unit), MeasureStandard::UsCustomary, [], null,
            $grams, ScaleReading::of($grams, new Scale(1.0)),
        );
        foreach (Cause::cases() as $cause) {
            $seen += Diagnostician::predict($cause, $at) === null ? [] : [$cause->value => true];
        }
    }
    expect(array_diff(array_map(fn (Cause $cause) => $cause->value, Cause::cases()), array_keys($seen), ['swapped-digits']))->toBe([]);
});

describe('a prediction', function () {
    it('is a density: it adds up to one', function () {
        $mixture = new Prediction([[1.0, 100.0, 5.0], [3.0, 130.0, 8.0]]);
        $sum = 0.0;
        for ($grams = 0.0; $grams < 250; $grams += 0.25) {
            $sum += 0.25 * $mixture->density($grams);
        }
        expect($sum)->toEqualWithDelta(1.0, 1e-3);
    });
    it('tells the range of the way that leads here, not of all ways at once', function () {
        $slip = new Prediction([[1.0, 20.0, 1.0], [1.0, 2000.0, 50.0]]);
        [$low, $high] = $slip->rangeAt(21.0);
        expect($low)->toEqualWithDelta(20 - 1.645, 0.02)->and($high)->toEqualWithDelta(20 + 1.645, 0.02);
    });
    it('multiplies on top of another slip, and adds what was not taken off', function () {
        $sound = new Weight(100.0, 2.0);
        $dipped = new Prediction([[1.0, 110.0, 2.2]]);
        $ounces = new Prediction([[1.0, 3.5, 0.07]]);
        $bowl = new Prediction([[1.0, 140.0, 2.0]]);
        expect($dipped->times($ounces, $sound)->parts[0][1])->toEqualWithDelta(3.85, 1e-9)
            ->and($dipped->plus($bowl, $sound)->parts[0][1])->toEqualWithDelta(150.0, 1e-9)
            ->and($dipped->plus($bowl, $sound)->parts[0][2])->toEqualWithDelta(2.2, 1e-9);
    });
});
