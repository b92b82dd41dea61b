<?php

declare(strict_types=1);

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Weighing\Chance;
use Hovik\Core\Weighing\Explanation;
use Hovik\Core\Weighing\Gain;
use Hovik\Core\Weighing\Geometry;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\Judgement;
use Hovik\Core\Weighing\Normal;
use Hovik\Core\Weighing\ScaleFitness;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\ScaleVerification;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Weighing\Weight;
use Hovik\Core\Weighing\WorkingHabit;
use Hovik\Core\Words\Phrasebook;

// The edges of weighing, each side of each: what is taken and refused, said and not said.

/** @return list<string> */
function explained(Judgement $judgement, string $language = 'en'): array
{
    return array_map(Phrasebook::in($language)->say(...), Explanation::of($judgement));
}

describe('what can be a tolerance and a target', function () {
    it('takes a tolerance to its edges and refuses it beyond', function () {
        expect(Tolerance::of(100.0, 1000.0)->percent)->toBe(100.0)
            ->and(Tolerance::of(0.5, 0.0)->floorG)->toBe(0.0)
            ->and(Tolerance::of(0.01)->floorG)->toBe(0.0);
        $pct = ['tolerance_pct', 'Choose a number above 0 and no more than 100.'];
        foreach ([0.0, -1.0, 100.5, INF, NAN] as $percent) {
            expect(refused(fn () => Tolerance::of($percent)))->toBe($pct, (string) $percent);
        }
        foreach ([-0.5, 1000.5, INF, NAN] as $floor) {
            expect(refused(fn () => Tolerance::of(5.0, $floor)))->toBe(
                ['tolerance_floor_g', 'Choose a number from 0 to 1000.'], (string) $floor,
            );
        }
    });

    it('is as wide as its floor only where the per cent is narrower', function () {
        $tolerance = Tolerance::of(10.0, 1.0);
        expect($tolerance->isDecidedByFloor(10.0))->toBeFalse() // both are 1 g: the per cent is said
            ->and($tolerance->isDecidedByFloor(9.9))->toBeTrue()
            ->and($tolerance->isDecidedByFloor(10.1))->toBeFalse()
            ->and($tolerance->inGrams(5.0))->toBe(1.0)->and($tolerance->inGrams(50.0))->toBe(5.0);
    });

    it('takes a target to its edges and refuses it beyond', function () {
        $tolerance = Tolerance::of(5.0);
        expect(Target::of(100_000.0, $tolerance)->grams)->toBe(100_000.0)->and(Target::of(0.01, $tolerance)->grams)->toBe(0.01);
        $says = ['target_g', 'Choose a number above 0 and no more than 100000.'];
        foreach ([0.0, -3.0, 100_000.5, INF, NAN] as $grams) {
            expect(refused(fn () => Target::of($grams, $tolerance)))->toBe($says, (string) $grams);
        }
        expect(Target::of(200.0, Tolerance::of(5.0))->inTolerances(5.0))->toBe(0.5)
            ->and(Target::of(200.0, Tolerance::of(5.0))->inTolerances(-20.0))->toBe(-2.0);
    });

    it('shows a tolerance under a gram never without a decimal', function (float $target, float $percent, float $floor, int $decimals) {
        expect(Target::of($target, Tolerance::of($percent, $floor))->toleranceDecimals())->toBe($decimals);
    })->with([
        'a gram on a hundred' => [100.0, 1.0, 0.0, 0], 'less than a gram on fifty' => [50.0, 1.0, 0.0, 1],
        'a tenth on a spoon' => [3.0, 12.0, 0.2, 1], 'hundredths on a pinch' => [0.3, 12.0, 0.0, 2],
    ]);
});

describe('what a scale can tell', function () {
    it('is fit up to a third of the per cent, on the very edge, too', function () {
        $target = Target::of(100.0, Tolerance::of(6.0)); // 6 g: a third is 2 g
        expect(ScaleFitness::at(2.0, $target)->fit)->toBeTrue()
            ->and(ScaleFitness::at(2.0 + 1e-10, $target)->fit)->toBeTrue() // binary fractions
            ->and(ScaleFitness::at(2.001, $target)->fit)->toBeFalse()
            ->and(ScaleFitness::at(2.0, $target)->weighTogether)->toBeNull()
            ->and(ScaleFitness::at(2.001, $target)->weighTogether)->toBe(2)
            ->and(ScaleFitness::at(4.0, $target)->weighTogether)->toBe(2) // exactly twice as coarse
            ->and(ScaleFitness::at(4.1, $target)->weighTogether)->toBe(3);
    });

    it('sends to a finer scale from the thirteenth measure on', function () {
        $target = Target::of(100.0, Tolerance::of(6.0));
        expect(ScaleFitness::MOST_TOGETHER)->toBe(12)
            ->and(ScaleFitness::at(24.0, $target)->needsFinerScale())->toBeFalse()
            ->and(ScaleFitness::at(24.1, $target)->needsFinerScale())->toBeTrue()
            ->and(ScaleFitness::at(1.0, $target)->needsFinerScale())->toBeFalse();
        $en = Phrasebook::in('en');
        expect(Explanation::advice(ScaleFitness::at(1.0, $target)))->toBeNull()
            ->and($en->say(Explanation::advice(ScaleFitness::at(4.1, $target))))->toContain('3')
            ->and(Explanation::advice(ScaleFitness::at(24.1, $target))?->id)->toBe('advice.finer')
            ->and(Explanation::advice(ScaleFitness::at(24.0, $target))?->id)->toBe('advice.together');
    });

    it('takes a weight to its edges and refuses it beyond', function () {
        $scale = new Scale(1.0, 0.0, 5000.0);
        expect(ScaleReading::of(0.0, $scale)->grams)->toBe(0.0)->and(ScaleReading::of(100_000.0, $scale)->grams)->toBe(100_000.0)
            ->and(ScaleReading::fromDisplay(5000.0, $scale)->grams)->toBe(5000.0)
            ->and(ScaleReading::fromDisplay(99_999.0, new Scale(1.0))->grams)->toBe(99_999.0); // nobody knows what it can carry
        expect(refused(fn () => ScaleReading::of(NAN, $scale)))->toBe(['weighed_g', 'Say how many grams there are.'])
            ->and(refused(fn () => ScaleReading::of(-0.1, $scale)))->toBe(['weighed_g', 'A weight cannot be below zero.'])
            ->and(refused(fn () => ScaleReading::of(100_001.0, $scale)))->toBe(
                ['weighed_g', 'That is more than any kitchen scale can weigh.'],
            )
            ->and(refused(fn () => ScaleReading::fromDisplay(0.0, $scale))[0] ?? null)->toBe('grams')
            ->and(refused(fn () => ScaleReading::fromDisplay(5001.0, $scale))[1] ?? '')->toContain('5000')
            ->and(refused(fn () => ScaleReading::fromDisplay(1.5, $scale))[1] ?? '')->toContain('counts by 1 g');
    });

    it('holds a scale to its step only where the step is round', function () {
        $tenths = new Scale(0.1);
        expect(ScaleReading::fromDisplay(0.3, $tenths)->grams)->toBe(0.3) // 0.3 / 0.1 is no whole number of binary fractions
            ->and(refused(fn () => ScaleReading::fromDisplay(0.35, $tenths))[0] ?? null)->toBe('grams')
            ->and(ScaleReading::fromDisplay(7.1, new Scale(3.5437))->grams)->toBe(7.1);
    });

    it('keeps a milligram, and knows a stored weight again', function () {
        expect(ScaleReading::of(1.23456, new Scale(0.001))->kept())->toBe(1.235)
            ->and(ScaleReading::isStoredAs(1.235, 1.2354))->toBeTrue()->and(ScaleReading::isStoredAs(1.235, 1.2346))->toBeTrue()
            ->and(ScaleReading::isStoredAs(1.235, 1.236))->toBeFalse()->and(ScaleReading::isStoredAs(1.236, 1.235))->toBeFalse();
    });

    it('doubts a reading by its steps and its check: two rounded displays, k of 2', function (
        ?float $cal, float $typical, float $grams, float $u,
    ) {
        expect(ScaleReading::of($grams, new Scale(1.0, $cal, null, $typical))->uncertainty())->toEqualWithDelta($u, 1e-6);
    })->with([
        'checked' => [0.0, 0.002, 219.0, 0.816497], 'checked with doubt' => [0.5, 0.002, 219.0, 1.290994],
        'never checked: its type speaks' => [null, 0.002, 219.0, 0.960447], 'nothing known' => [null, 0.0, 219.0, 0.816497],
    ]);

    it('is checked against a known weight: its tolerance and one division', function () {
        $scale = new Scale(1.0, null, 5000.0, 0.002); // at 500 g: 1 + 1
        expect(ScaleVerification::passes(500.0, 502.0, $scale))->toBeTrue()->and(
            ScaleVerification::passes(500.0, 498.0, $scale),
        )->toBeTrue()
            ->and(ScaleVerification::passes(500.0, 503.0, $scale))->toBeFalse()->and(
                ScaleVerification::passes(500.0, 497.0, $scale),
            )->toBeFalse()
            ->and(ScaleVerification::passes(5000.0, 5000.0, $scale))->toBeTrue();
        foreach ([0.0, -1.0, 5000.5, NAN] as $nominal) {
            expect(refused(fn () => ScaleVerification::passes($nominal, 500.0, $scale)))
                ->toBe(['nominal_g', 'Lay on a weight that this scale can weigh.']);
        }
        expect(ScaleVerification::passes(100_000.0, 100_000.0, new Scale(1.0)))->toBeTrue()
            ->and(refused(fn () => ScaleVerification::passes(100_001.0, 1.0, new Scale(1.0)))[0] ?? null)->toBe('nominal_g')
            ->and(refused(fn () => ScaleVerification::passes(200.0, 200.5, $scale))[0] ?? null)->toBe('reading_g');
    });
});

describe('the verdict', function () {
    // Target 100 g, T 5 g, U 1 g: edges at 94, 96, 104 and 106 g.
    $judge = function (float $grams, ?float $expected = null): Judgement {
        $scale = new Scale(1.0, sqrt(0.25 - 1 / 6)); // U is exactly 1 g

        return Judge::judge(Target::of(100.0, Tolerance::of(5.0)), ScaleReading::of($grams, $scale), $expected);
    };

    it('changes exactly at the edges, which belong to the clear side', function (float $grams, Verdict $verdict) use ($judge) {
        expect($judge($grams)->verdict)->toBe($verdict);
    })->with([
        [93.9, Verdict::Shy], [94.0, Verdict::Shy], [94.1, Verdict::TooClose], [95.9, Verdict::TooClose], [96.0, Verdict::Level],
        [100.0, Verdict::Level], [104.0, Verdict::Level], [104.1, Verdict::TooClose], [105.9, Verdict::TooClose], [106.0, Verdict::Heaped],
        [106.1, Verdict::Heaped], [0.0, Verdict::Shy],
    ]);

    it('cannot say Level where the doubt fills the band', function () {
        $target = Target::of(100.0, Tolerance::of(1.0));
        $says = fn (float $u) => Judge::judge($target, ScaleReading::of(100.0, new Scale(0.001, $u / 2)))->verdict;
        expect($says(0.9))->toBe(Verdict::Level)->and($says(1.1))->toBe(Verdict::TooClose);
    });

    it('answers a second time for what these very tools give', function () use ($judge) {
        $judged = $judge(106.0, 104.0);
        expect($judged->technique?->expectedG)->toBe(104.0)->and($judged->technique?->errorG)->toBe(2.0)
            ->and($judged->technique?->errorPct)->toEqualWithDelta(100 * 2 / 104, 1e-9)
            ->and($judged->technique?->verdict)->toBe(Verdict::Level)
            ->and($judged->errorG)->toBe(6.0)->and($judged->errorPct)->toBe(6.0)->and($judged->inTolerances())->toBe(1.2)
            ->and($judged->band())->toBe([95.0, 105.0])
            ->and($judge(106.0)->technique)->toBeNull();
        foreach ([0.0, -1.0, INF, NAN] as $expected) {
            expect(refused(fn () => $judge(100.0, $expected)))->toBe(['expected_g', 'Choose a number above 0.']);
        }
    });

    it('comes back from the store as it was found', function () use ($judge) {
        foreach ([$judge(106.0, 104.0), $judge(94.0)] as $judged) {
            $stored = json_decode((string) json_encode($judged->toArray()), true);
            expect(Judgement::fromArray(new JsonInput($stored)))->toEqual($judged);
        }
        $coarse = Judge::judge(Target::of(3.0, Tolerance::of(12.0)), ScaleReading::of(3.0, new Scale(1.0)));
        $again = Judgement::fromArray(new JsonInput(json_decode((string) json_encode($coarse->toArray()), true)));
        expect($again->fitness->weighTogether)->toBe($coarse->fitness->weighTogether)->and($again->fitness->fit)->toBeFalse();
    });
});

describe('the reason to believe it', function () {
    it('is the band, the scale, and the tools where they differ', function () {
        $scale = new Scale(1.0, 0.0);
        $judge = fn (float $expected) => Judge::judge(
            Target::of(240.0, Tolerance::of(5.0, 1.0)), ScaleReading::of(250.0, $scale), $expected,
        );
        expect(explained($judge(251.0)))->toBe([
            'Level is 228 to 252 g: 5% more or less.',
            'This scale counts by 1 g, so 250 g means 249.2 to 250.8 g.',
            'Good technique with these same tools gives about 251 g.',
        ])->and(explained($judge(240.4)))->toHaveCount(2) // the same number on a screen
            ->and(explained($judge(239.4)))->toHaveCount(3)
            ->and(explained($judge(251.0), 'es')[0])->toContain('228')->toContain('252')->toContain('5');
    });

    it('says when the least we ask decides, and keeps a small target its tenths', function () {
        $judged = Judge::judge(Target::of(6.0, Tolerance::of(5.0, 1.0)), ScaleReading::of(7.0, new Scale(1.0, 0.0)));
        expect(explained($judged))->toBe([
            'Level is 5.0 to 7.0 g: 1 g more or less, the smallest range we use.',
            'This scale counts by 1 g, so 7 g means 6.2 to 7.8 g.',
        ]);
        $fine = Judge::judge(Target::of(0.5, Tolerance::of(20.0, 0.7)), ScaleReading::of(0.45, new Scale(0.05, 0.0)));
        expect(explained($fine)[0])->toBe('Level is 0.00 to 1.20 g: 0.7 g more or less, the smallest range we use.'); // never below nothing
    });

    it('rounds no finer than two decimals, whatever the scale', function () {
        $judged = Judge::judge(Target::of(20.0, Tolerance::of(5.0)), ScaleReading::of(20.0005, new Scale(0.0005, 0.0)));
        expect(Explanation::scaleDecimals($judged))->toBe(2)->and(Explanation::targetDecimals($judged))->toBe(2);
        $coarse = Judge::judge(Target::of(20.0, Tolerance::of(5.0)), ScaleReading::of(20.0, new Scale(5.0, 0.0)));
        expect(Explanation::scaleDecimals($coarse))->toBe(0)->and(Explanation::targetDecimals($coarse))->toBe(0);
    });

    it('tells what a repeat has brought, and is silent where it brought nothing to see', function (
        float $before, float $now, ?string $says,
    ) {
        $gain = Gain::of(Target::of(219.0, Tolerance::of(8.0)), $before, $now);
        expect($gain === null ? null : Phrasebook::in('en')->say($gain))->toBe($says);
    })->with([
        'from above' => [259.0, 221.0, 'Last time it was 40 g off, now 2 g.'],
        'from below' => [200.0, 222.0, 'Last time it was 19 g off, now 3 g.'],
        'farther' => [221.0, 230.0, null], 'the same' => [221.0, 217.0, null], 'by less than is shown' => [259.0, 258.9, null],
        'to the dot' => [221.0, 219.0, 'Last time it was 2.0 g off, now 0.0 g.'],
    ]);
});

describe('mounds, dishes and surfaces', function () {
    $cup = ToolCatalogue::tool('dry-cup-us-1', MeasureStandard::UsCustomary);
    $jug = ToolCatalogue::tool('liquid-measure-us-2-cup', MeasureStandard::UsCustomary);
    $flour = Pantry::reference()->ingredient('all-purpose-flour');
    $milk = Pantry::reference()->ingredient('whole-milk');

    it('heaps a cone as wide as the rim, and none of a liquid', function () use ($cup, $flour, $milk) {
        $d = $cup->diameterMm / 2;
        $cone = M_PI / 3 * $d ** 3 * tan(deg2rad($flour->reposeDeg ?? 40.0)) / 1000;
        expect(Geometry::heapMl($cup, $flour))->toEqualWithDelta($cone, 1e-9)->and($cone)->toBeGreaterThan(10.0)
            ->and(Geometry::heapMl($cup, $milk))->toBe(0.0);
        $heaped = WorkingHabit::of(heaped: 0.5);
        $hollow = WorkingHabit::of(hollow: 1.0);
        expect(Geometry::overRimMl($cup, $flour, $heaped))->toEqualWithDelta($cone / 2, 1e-9)
            ->and(Geometry::overRimMl($cup, $flour, $hollow))->toEqualWithDelta(-0.35 * $cone, 1e-9)
            ->and(Geometry::overRimMl($cup, $flour, WorkingHabit::good()))->toEqualWithDelta(0.0, 1e-9);
    });

    it('reads a jug too high from below and too low from above', function () use ($jug, $cup) {
        $eye = fn (float $deg) => Geometry::heightErrorMm($jug, WorkingHabit::of(eyeDeg: $deg, shareAcross: 0.5));
        expect($eye(30.0))->toEqualWithDelta(-0.5 * $jug->diameterMm * tan(deg2rad(30)), 1e-9)
            ->and($eye(-30.0))->toEqualWithDelta(-$eye(30.0), 1e-9)->and($eye(0.0))->toEqualWithDelta(0.0, 1e-9)
            ->and(Geometry::heightErrorMm($jug, WorkingHabit::of(topOfCurve: true)))->toEqualWithDelta(-1.5, 1e-9);
        $top = ToolCatalogue::tool('top-read-us-1-cup', MeasureStandard::UsCustomary);
        expect(Geometry::heightErrorMm($top, WorkingHabit::of(eyeDeg: 30.0, shareAcross: 0.5)))->toEqualWithDelta(0.0, 1e-9)
            ->and(Geometry::heightSpreadMm($jug, WorkingHabit::good()))->toEqualWithDelta(0.7, 1e-9)
            ->and(Geometry::heightSpreadMm($jug, WorkingHabit::of(held: true)))->toEqualWithDelta(2.5, 1e-9)
            ->and(Geometry::heightSpreadMm($jug, WorkingHabit::of(tiltDeg: 5.0)))
            ->toEqualWithDelta(hypot(0.7, $jug->diameterMm / 2 * tan(deg2rad(5))), 1e-9)
            ->and(Geometry::mlPerMm($jug))->toEqualWithDelta(M_PI / 4 * $jug->diameterMm ** 2 / 1000, 1e-9);
        expect(Geometry::isRead(new Fill($jug, 1, $jug->marks[0])))->toBeTrue()->and(Geometry::isRead(new Fill($cup, 1)))->toBeFalse()
            ->and(Geometry::brimMl($cup))->toEqualWithDelta(1.15 * $cup->aboutMl, 1e-9)
            ->and(Geometry::brimMl($jug))->toBeGreaterThanOrEqual(1.15 * $jug->aboutMl);
    });
});

describe('chance and its bell', function () {
    it('is the same for a class, on any machine', function () {
        $drawn = fn (int $seed) => array_map(fn () => round((new Chance($seed))->even(), 6), [1, 2]);
        expect($drawn(7))->toBe($drawn(7))->and($drawn(7))->not->toBe($drawn(8));
        $chance = new Chance(20261127);
        [$even, $bell] = [[], []];
        for ($i = 0; $i < 20_000; $i++) {
            $even[] = $chance->even();
            $bell[] = $chance->normal();
        }
        $sd = fn (array $x) => sqrt(array_sum(array_map(fn ($v) => $v ** 2, $x)) / count($x) - (array_sum($x) / count($x)) ** 2);
        expect(min($even))->toBeGreaterThanOrEqual(0.0)->and(max($even))->toBeLessThan(1.0)
            ->and(array_sum($even) / 20_000)->toEqualWithDelta(0.5, 0.01)->and($sd($even))->toEqualWithDelta(1 / sqrt(12), 0.01)
            ->and(array_sum($bell) / 20_000)->toEqualWithDelta(0.0, 0.03)->and($sd($bell))->toEqualWithDelta(1.0, 0.03);
        $beyond = fn (float $z) => count(array_filter($bell, fn (float $v): bool => abs($v) > $z)) / 20_000;
        expect($beyond(1.0))->toEqualWithDelta(0.3173, 0.015)->and($beyond(1.96))->toEqualWithDelta(0.05, 0.008);
    });

    it('knows the normal distribution by its table', function (float $z, float $below, float $density) {
        expect(Normal::below($z))->toEqualWithDelta($below, 2e-7)->and(Normal::density($z))->toEqualWithDelta($density, 1e-9)
            ->and(Normal::below(-$z))->toEqualWithDelta(1 - $below, 2e-7)->and(Normal::density(-$z))->toEqualWithDelta($density, 1e-9);
    })->with([
        [0.0, 0.5, 0.3989422804], [0.5, 0.6914624613, 0.3520653268], [1.0, 0.8413447461, 0.2419707245],
        [1.96, 0.9750021049, 0.0584409443], [3.0, 0.9986501020, 0.0044318484],
    ]);

    it('pushes back what passes an edge', function () {
        expect(Normal::within(100.0, 5.0, 0.0, INF))->toBe([100.0, 5.0]) // far from any edge
            ->and(Normal::within(-3.0, 0.0, 0.0, 10.0))->toBe([0.0, 0.0])->and(Normal::within(12.0, 0.0, 0.0, 10.0))->toBe([10.0, 0.0])
            ->and(Normal::within(5.0, -1.0, 0.0, 10.0))->toBe([5.0, 0.0]);
        // Half of a standard normal pushed back to 0: mean phi(0), variance 1/2 - phi(0)^2.
        [$mean, $sd] = Normal::within(0.0, 1.0, 0.0, INF);
        expect($mean)->toEqualWithDelta(0.39894228, 1e-6)->and($sd)->toEqualWithDelta(sqrt(0.5 - 0.39894228 ** 2), 1e-6);
        [$mean, $sd] = Normal::within(0.0, 1.0, -INF, 0.0);
        expect($mean)->toEqualWithDelta(-0.39894228, 1e-6)->and($sd)->toEqualWithDelta(sqrt(0.5 - 0.39894228 ** 2), 1e-6);
        // Both edges, against adding up small pieces.
        foreach ([[2.0, 1.5, 1.0, 4.0], [0.5, 2.0, 0.0, 1.0], [5.0, 1.0, 4.5, 9.0]] as [$mu, $sigma, $low, $high]) {
            [$first, $second] = [0.0, 0.0];
            for ($z = -8.0; $z < 8.0; $z += 0.001) {
                $x = min(max($mu + $sigma * ($z + 0.0005), $low), $high);
                $first += $x * Normal::density($z + 0.0005) * 0.001;
                $second += $x ** 2 * Normal::density($z + 0.0005) * 0.001;
            }
            [$mean, $sd] = Normal::within($mu, $sigma, $low, $high);
            expect($mean)->toEqualWithDelta($first, 1e-4)->and($sd)->toEqualWithDelta(sqrt($second - $first ** 2), 1e-3);
        }
    });

    it('adds spreads by their squares', function () {
        expect(
            (new Weight(100.0, 1.0, 2.0, 2.0, 4.0, 5.0))->u(),
        )->toEqualWithDelta(sqrt(50.0), 1e-12)->and((new Weight(7.0))->u())->toBe(0.0);
    });
});

it('says what is no scale', function () {
    expect(refused(fn () => new Scale(0.0)))->toBe(['scale.readability_g', 'Choose a number above 0 and no more than 1000.'])
        ->and(refused(fn () => new Scale(1000.5))[0] ?? null)->toBe('scale.readability_g')
        ->and(refused(fn () => new Scale(NAN))[0] ?? null)->toBe('scale.readability_g')
        ->and(refused(fn () => new Scale(1000.0)))->toBeNull()
        ->and(refused(fn () => new Scale(1.0, -0.1)))->toBe(['scale.u_cal_g', 'Choose a number from 0 to 1000.'])
        ->and(refused(fn () => new Scale(1.0, 1000.5))[0] ?? null)->toBe('scale.u_cal_g')
        ->and(refused(fn () => new Scale(1.0, 1000.0)))->toBeNull()
        ->and(refused(fn () => new Scale(1.0, null, 0.0)))->toBe(['scale.capacity_g', 'Choose a number above 0.']);
    $scale = new Scale(0.1, 0.05, 500.0, 0.002);
    expect(Scale::fromArray(new JsonInput(json_decode((string) json_encode($scale->toArray()), true))))->toEqual($scale)
        ->and(Scale::fromArray(new JsonInput((new Scale(1.0))->toArray())))->toEqual(new Scale(1.0));
});
