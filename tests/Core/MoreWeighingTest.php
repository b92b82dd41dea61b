<?php

declare(strict_types=1);

use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\Weighing\Gain;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ScaleFitness;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\ScaleVerification;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrasebook;

$scale = new Scale(1.0, 0.0, 5000.0, 0.002);

describe('several measures as one weighing', function () use ($scale) {
    it('judges one of them on a scale that many times as fine', function () use ($scale) {
        $target = Target::of(3.0, Tolerance::of(12, 0.2));
        expect(Judge::judge($target, ScaleReading::of(3.0, $scale))->verdict)->toBe(Verdict::TooClose)
            ->and(Judge::judge($target, ScaleReading::of(30.0, $scale)->sharedBy(10))->verdict)->toBe(Verdict::Level)
            ->and(Judge::judge($target, ScaleReading::of(40.0, $scale)->sharedBy(10))->verdict)->toBe(Verdict::Heaped)
            ->and(
                ScaleReading::of(30.0, $scale)->sharedBy(10)
                    ->uncertainty(),
            )->toEqualWithDelta(ScaleReading::of(30.0, $scale)->uncertainty() / 10, 1e-9);
    });
    it('is enough when so many are taken as the scale asks for', function () {
        foreach ([0.5, 1.0, 2.0, 4.5, 7.0] as $grams) {
            foreach ([1.0, 2.0] as $step) {
                $one = new Scale($step, 0.0, 5000.0, 0.002);
                $target = Target::of($grams, Tolerance::of(20, 0.0));
                $n = ScaleFitness::of($one, $target)->weighTogether;
                if ($n !== null && $n <= ScaleFitness::MOST_TOGETHER) {
                    expect(
                        ScaleFitness::at(ScaleReading::of($n * $grams, $one)->sharedBy($n)->uncertainty(), $target)->fit,
                    )->toBeTrue("$n x $grams g by $step g");
                }
            }
        }
    });
    it('is from one to twelve', function (int $n) use ($scale) {
        expect(fn () => ScaleReading::of(30.0, $scale)->sharedBy($n))->toThrow(InvalidInput::class);
    })->with([0, -1, 13]);
});

describe('full minus empty', function () use ($scale) {
    it('is what was in the cup', function () use ($scale) {
        expect(ScaleReading::byDifference(319.0, 100.0, $scale)->grams)->toBe(219.0);
    });
    it('is refused where it cannot be', function (float $full, float $empty, string $field) use ($scale) {
        try {
            ScaleReading::byDifference($full, $empty, $scale);
            expect(false)->toBeTrue('it was taken');
        } catch (InvalidInput $problem) {
            expect($problem->field)->toBe($field);
        }
    })->with([
        [100.0, 100.0, 'empty_g'], [90.0, 100.0, 'empty_g'], [100.5, 50.0, 'full_g'], [0.0, 0.0, 'full_g'], [6000.0, 100.0, 'full_g'],
    ]);
});

describe('the check before a lab', function () use ($scale) {
    it('allows the type\'s tolerance and one division', function (float $nominal, float $reading, bool $passes) use ($scale) {
        expect(ScaleVerification::passes($nominal, $reading, $scale))->toBe($passes);
    })->with([[200.0, 200.0, true], [200.0, 201.0, true], [200.0, 202.0, false], [1000.0, 1003.0, true], [1000.0, 996.0, false]]);
    it('refuses a weight that the scale cannot weigh', function (float $nominal) use ($scale) {
        expect(fn () => ScaleVerification::passes($nominal, 100.0, $scale))->toThrow(InvalidInput::class);
    })->with([0.0, -5.0, 6000.0, INF]);
});

it('tells a gain only where there is one to see', function (float $before, float $now, ?string $said) {
    $gain = Gain::of(Target::of(219.0, Tolerance::of(8, 1)), $before, $now);
    expect($gain === null ? null : Phrasebook::in('en')->say($gain))->toBe($said);
})->with([
    [259.0, 221.0, 'The time before it was 40 g off, now 2 g.'], [180.0, 219.0, 'The time before it was 39 g off, now 0 g.'],
    [221.0, 259.0, null], [221.0, 221.0, null], [219.0, 217.0, null],
]);
