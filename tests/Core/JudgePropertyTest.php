<?php

declare(strict_types=1);

use Eris\Generators;
use Eris\TestTrait;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ScaleFitness;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\TolerancePolicy;
use Hovik\Core\Weighing\Verdict;

uses(TestTrait::class);

$judge = fn (float $target, float $percent, float $weighed, float $step, float $uCal = 0.0) => Judge::judge(
    Target::of($target, Tolerance::of($percent)), ScaleReading::of($weighed, new Scale($step, $uCal)),
);

it('never calls a reading Level, Heaped or Shy that its own doubt could overturn', function () use ($judge) {
    $this->forAll(
        Generators::choose(5, 5000), Generators::choose(2, 20), Generators::choose(0, 10_000),
        Generators::elements([0.1, 1.0, 2.0, 5.0]), Generators::choose(0, 30),
    )
        ->then(function (int $target, int $percent, int $weighed, float $step, int $uCal) use ($judge): void {
            $judged = $judge($target, $percent, $weighed / 2, $step, $uCal / 10);
            [$low, $high] = $judged->band();
            [$from, $to] = [$weighed / 2 - $judged->uncertaintyG, $weighed / 2 + $judged->uncertaintyG];
            $hair = 1e-6;
            match ($judged->verdict) {
                Verdict::Level => expect($from >= $low - $hair && $to <= $high + $hair)->toBeTrue(),
                Verdict::Heaped => expect($from >= $high - $hair)->toBeTrue(),
                Verdict::Shy => expect($to <= $low + $hair)->toBeTrue(),
                Verdict::TooClose => expect(($from < $low && $to > $low) || ($from < $high && $to > $high))->toBeTrue(),
            };
        });
});

it('is symmetric: as much over is Heaped as under is Shy', function () use ($judge) {
    $mirror = ['heaped' => 'shy', 'shy' => 'heaped', 'level' => 'level', 'too-close' => 'too-close'];
    $this->forAll(
        Generators::choose(50, 900), Generators::choose(0, 50),
    )->then(function (int $target, int $off) use ($judge, $mirror): void {
        expect($judge($target, 5, $target + $off, 1)->verdict->value)->toBe($mirror[$judge($target, 5, $target - $off, 1)->verdict->value]);
    });
});

it('advises the fewest measures together that the scale can judge', function () {
    $this->forAll(
        Generators::choose(1, 400), Generators::choose(3, 20), Generators::elements([0.1, 1.0, 2.0, 5.0]),
    )->then(function (int $tenths, int $percent, float $step): void {
        $target = Target::of($tenths / 10, Tolerance::of($percent, 0.2));
        $fitness = ScaleFitness::of(new Scale($step, 0.0), $target);
        $t = $target->tolerance->byPercent($tenths / 10);
        if ($fitness->weighTogether === null) {
            expect(3 * $fitness->uncertaintyG)->toBeLessThanOrEqual($t + 1e-6);
        } else {
            expect($fitness->weighTogether * $t)->toBeGreaterThanOrEqual(3 * $fitness->uncertaintyG - 1e-6);
            expect(($fitness->weighTogether - 1) * $t)->toBeLessThan(3 * $fitness->uncertaintyG);
        }
    });
});

it('takes its default tolerances from the craft', function () {
    $t = fn (Family $f, ToleranceLevel $l, Strictness $s) => Tolerance::usual($f, $l, $s);
    expect($t(Family::FinePowder, ToleranceLevel::Practised, Strictness::Structural)->percent)->toBe(8.0)
        ->and($t(Family::FinePowder, ToleranceLevel::Exacting, Strictness::Flavour)->percent)->toBe(7.5)
        ->and($t(Family::LeavenerSpice, ToleranceLevel::GettingStarted, Strictness::Free)->percent)->toBe(60.0)
        ->and(TolerancePolicy::usual(ToleranceLevel::Practised)->tolerance(Family::LeavenerSpice, Strictness::Structural, true)->floorG)->toBe(0.2)
        ->and($t(Family::Oil, ToleranceLevel::Practised, Strictness::Structural)->floorG)->toBe(1.0);
});

it('takes from a display only what it can show', function (float $grams, float $step, ?string $phrase) {
    $scale = new Scale($step, 0.0, 5000.0);
    try {
        $read = ScaleReading::fromDisplay($grams, $scale)->grams;
    } catch (InvalidInput $refusal) {
        expect($refusal->phrase?->id)->toBe($phrase)->and($refusal->field)->toBe('grams');

        return;
    }
    expect($phrase)->toBeNull()->and($read)->toBe($grams);
})->with([
    [94.0, 1.0, null], [94.5, 1.0, 'reading.not-a-step'], [94.0, 2.0, null], [95.0, 2.0, 'reading.not-a-step'],
    [0.3, 0.1, null], [0.35, 0.1, 'reading.not-a-step'], [0.0, 1.0, 'reading.zero'], [5001.0, 1.0, 'reading.over-capacity'],
    [5000.0, 1.0, null], [100.0, 3.5437, null],
]);
