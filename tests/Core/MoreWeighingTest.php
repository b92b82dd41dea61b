<?php

declare(strict_types=1);

use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\BowlSize;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Weighing\CupOnScale;
use Hovik\Core\Weighing\Doubt;
use Hovik\Core\Weighing\Gain;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ScaleFitness;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\ScaleUnit;
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

describe('food weighed in its cups', function () use ($scale) {
    it('is full minus empty, or what a scale set to zero with the cup shows', function () use ($scale) {
        expect(ScaleReading::byDifference([new CupOnScale(319.0, 100.0)], $scale)->grams)->toBe(219.0)
            ->and(ScaleReading::byDifference([new CupOnScale(219.0)], $scale)->grams)->toBe(219.0);
    });
    it('adds several cups up, and their doubt in squares', function () use ($scale) {
        $sum = ScaleReading::byDifference([new CupOnScale(122.0), new CupOnScale(164.0, 40.0)], $scale);
        [$one, $other] = [ScaleReading::of(122.0, $scale)->uncertainty(), ScaleReading::of(124.0, $scale)->uncertainty()];
        expect($sum->grams)->toBe(246.0)->and($sum->uncertainty())->toEqualWithDelta(sqrt($one ** 2 + $other ** 2), 1e-9)
            ->and($sum->uncertainty())->toBeGreaterThan(ScaleReading::byDifference([new CupOnScale(122.0)], $scale)->uncertainty());
    });
    it('is refused where it cannot be', function (float $full, ?float $empty, string $field) use ($scale) {
        try {
            ScaleReading::byDifference([new CupOnScale(200.0), new CupOnScale($full, $empty)], $scale);
            expect(false)->toBeTrue('it was taken');
        } catch (InvalidInput $problem) {
            expect($problem->field)->toBe("cups.1.$field");
        }
    })->with([
        [100.0, 100.0, 'empty_g'], [90.0, 100.0, 'empty_g'], [100.5, 50.0, 'full_g'], [0.0, null, 'full_g'], [6000.0, 100.0, 'full_g'],
    ]);
    it('takes one cup to twelve', function (int $n) use ($scale) {
        expect(fn () => ScaleReading::byDifference(array_fill(0, $n, new CupOnScale(20.0)), $scale))->toThrow(InvalidInput::class);
    })->with([0, 13]);
    it('tells what stayed in an emptied cup', function (?float $empty, float $emptied, float $left, string $said) {
        $cup = new CupOnScale(250.0, $empty);
        expect($cup->leftG($emptied, 'grams'))->toBe($left)->and(Phrasebook::in('en')->say($cup->saysLeft($emptied, 0, 'grams')))->toBe($said);
    })->with([
        [null, 6.0, 6.0, '6 g stayed in the cup: 2.4% of it. Scrape it out, it belongs in the bowl.'],
        [50.0, 54.0, 4.0, '4 g stayed in the cup: 2% of it. Scrape it out, it belongs in the bowl.'],
        [50.0, 49.0, 0.0, 'Nothing stayed in the cup.'],
    ]);
    it('asks again where an emptied cup weighs as much as the full one', function (float $emptied) {
        expect(fn () => (new CupOnScale(250.0))->leftG($emptied, 'grams'))->toThrow(InvalidInput::class);
    })->with([250.0, 300.0, INF]);
});

describe('a doubtful entry', function () use ($scale) {
    it('is asked about where no usual slip explains it', function (float $target, float $grams, bool $asks) use ($scale) {
        $doubt = Doubt::about(Target::of($target, Tolerance::of(8.0, 1.0)), ScaleReading::of($grams, $scale));
        expect($doubt !== null)->toBe($asks);
    })->with([
        'two cups of flour, right' => [250.0, 250.0, false], 'in a bowl not tared' => [250.0, 900.0, false],
        'four thousand grams' => [250.0, 4999.0, true], 'ounces read as grams' => [250.0, 8.8, false], 'one digit missing' => [250.0, 25.0, false],
        'two digits missing' => [250.0, 2.0, true], 'a spoon of salt in a heavy bowl' => [6.0, 1006.0, false], 'a spoon of salt' => [6.0, 1100.0, true],
    ]);
});

it('reads ounces as grams by definition', function () {
    expect(ScaleUnit::Ounce->grams(1.0))->toBe(28.35)->and(ScaleUnit::Gram->grams(1.5))->toBe(1.5)
        ->and((new Scale(3.5437))->mayShowOunces())->toBeTrue()->and((new Scale(0.01))->mayShowOunces())->toBeFalse();
});

it('asks for a bowl with a third to spare, in the measures of the class', function (float $grams, MeasureStandard $standard, ?string $size) {
    $pantry = Pantry::reference();
    $flour = Density::of($pantry, $pantry->ingredient('all-purpose-flour'));
    expect(BowlSize::of($grams, $flour, $standard)?->text())->toBe($size);
})->with([
    [120.0, MeasureStandard::UsCustomary, '2 cups'], [60.0, MeasureStandard::UsLabel240, '1 cup'], [480.0, MeasureStandard::UsCustomary, '6 cups'],
    [120.0, MeasureStandard::Metric250, '500 mL'], [480.0, MeasureStandard::Australian, '1 1/2 L'], [9000.0, MeasureStandard::UsCustomary, null],
]);

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
    [259.0, 221.0, 'Last time it was 40 g off, now 2 g.'], [180.0, 219.0, 'Last time it was 39 g off, now 0 g.'],
    [221.0, 259.0, null], [221.0, 221.0, null], [219.0, 217.0, null],
]);
