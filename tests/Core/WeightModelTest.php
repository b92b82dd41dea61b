<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Eris\Generators;
use Eris\TestTrait;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Weighing\Chance;
use Hovik\Core\Weighing\Geometry;
use Hovik\Core\Weighing\Normal;
use Hovik\Core\Weighing\Weight;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Weighing\WorkingHabit;

uses(TestTrait::class);

/** Everything by hand here: the figures of core/data, a pocket calculator, and the formulas of the craft's page. */
function fill(string $tool, int $count = 1, ?string $mark = null, ?float $trueMl = null): Fill
{
    $made = ToolCatalogue::tool($tool, MeasureStandard::UsCustomary, $trueMl);
    $marks = array_values(array_filter($made->marks, fn ($one) => $one->text === $mark));

    return new Fill($made, $count, $marks[0] ?? null);
}
function density(string $ingredient, ?Handling $handling = null): Density
{
    $pantry = Pantry::reference();

    return Density::of($pantry, $pantry->ingredient($ingredient), $handling);
}
function weight(array $fills, string $ingredient, ?WorkingHabit $way = null, ?Handling $handling = null): Weight
{
    return WeightModel::of($fills, density($ingredient, $handling), $way);
}

describe('a level fill', function () {
    it('weighs volume x grams per mL, and each term of its spread stands alone', function () {
        $cup = weight([fill('dry-cup-us-1')], 'all-purpose-flour');
        expect($cup->mean)->toEqualWithDelta(125.0, 1e-9)
            ->and($cup->fillU)->toEqualWithDelta(3.125, 0.001) // 125 x 2.5 %; 236.588 mL is the reference cup
            ->and($cup->batchU)->toEqualWithDelta(5.0, 1e-9) // 125 x 4 %
            ->and($cup->toolU)->toEqualWithDelta(2.1651, 0.0001) // 125 x 3 % / sqrt 3
            ->and($cup->habitU)->toBe(0.0)
            ->and($cup->residueU)->toBe(0.0)
            ->and($cup->u())->toEqualWithDelta(6.2816, 0.001); // sqrt(3.125^2 + 5^2 + 2.1651^2)
    });
    it('varies more in a small tool: the cube root of the volume', function () {
        // 1/8 of a cup: 15.625 g x 2.5 % x 2
        expect(weight([fill('dry-cup-us-1-8')], 'all-purpose-flour')->fillU)->toEqualWithDelta(15.625 * 0.025 * 2, 0.001);
    });
    it('takes the spoon weight up to 20 mL', function () {
        expect(weight([fill('spoon-us-1-tsp', 2)], 'baking-powder')->mean)->toEqualWithDelta(9.2, 1e-6)
            ->and(weight([fill('dry-cup-us-1-4')], 'baking-powder')->mean)->toEqualWithDelta(221 / 4, 1e-6);
    });
    it('adds the habits of another handling, of which the fill itself already has its part', function () {
        $dipped = weight([fill('dry-cup-us-1')], 'all-purpose-flour', handling: Handling::Dipped);
        expect($dipped->mean)->toEqualWithDelta(137.5, 1e-9)
            ->and($dipped->habitU)->toEqualWithDelta(137.5 * 0.037964, 0.001); // sqrt((0.05 / 1.10)^2 - 0.025^2)
    });
    it('follows the true volume of a calibrated tool, known to half a per cent', function () {
        $cup = weight([fill('dry-cup-us-1', 1, null, 248.4177)], 'all-purpose-flour'); // 5 % more than it says
        expect($cup->mean)->toEqualWithDelta(131.25, 0.001)->and($cup->toolU)->toEqualWithDelta(0.65625, 0.0001);
    });
});

describe('several fills', function () {
    it('add their own scatter by squares, and what they share in full', function () {
        $four = weight([fill('dry-cup-us-1-4', 4)], 'all-purpose-flour');
        $one = weight([fill('dry-cup-us-1-4')], 'all-purpose-flour');
        expect($four->mean)->toEqualWithDelta(4 * $one->mean, 1e-9)
            ->and($four->fillU)->toEqualWithDelta(2 * $one->fillU, 1e-9)
            ->and($four->toolU)->toEqualWithDelta(4 * $one->toolU, 1e-9)
            ->and($four->batchU)->toEqualWithDelta(4 * $one->batchU, 1e-9);
    });
    it('share no size between different tools', function () {
        $three = weight([fill('dry-cup-us-1-2'), fill('dry-cup-us-1-4')], 'all-purpose-flour');
        $half = 62.5 * ToolCatalogue::tool('dry-cup-us-1-2', MeasureStandard::UsCustomary)->tolerance / sqrt(3);
        $quarter = 31.25 * 0.04 / sqrt(3);
        expect($three->toolU)->toEqualWithDelta(hypot($half, $quarter), 1e-6);
    });
});

describe('a mound and a dish', function () {
    it('stands as a cone on the rim', function () {
        // (pi / 3) x 15^3 mm3 x tan 45 degrees / 1000
        expect(
            Geometry::heapMl(fill('spoon-us-1-tsp')->tool, Pantry::reference()->ingredient('baking-powder')),
        )->toEqualWithDelta(3.5343, 0.0001)
            // no angle given: 40 degrees, (pi / 3) x 46^3 x 0.8391 / 1000
            ->and(Geometry::heapMl(fill('dry-cup-us-1')->tool, Pantry::reference()->ingredient('butter')))->toEqualWithDelta(85.531, 0.01);
    });
    it('makes a heaped teaspoon half as much again', function () {
        $heaped = weight([fill('spoon-us-1-tsp')], 'baking-powder', WorkingHabit::of(heaped: 0.7));
        expect($heaped->mean)->toEqualWithDelta(
            4.6 / 4.92892 * (4.92892 + 0.7 * 3.5343), 0.001,
        )->and($heaped->mean / 4.6)->toBeGreaterThan(1.45);
    });
    it('takes a third of that cone away where a hollow was left', function () {
        $hollow = weight([fill('spoon-us-1-tsp')], 'baking-powder', WorkingHabit::of(hollow: 1.0));
        expect($hollow->mean)->toEqualWithDelta(4.6 / 4.92892 * (4.92892 - 0.35 * 3.5343), 0.001);
    });
    it('puts nothing on a liquid, on an unknown rim, or on a line', function () {
        $heaped = WorkingHabit::of(heaped: 1.0);
        expect(weight([fill('spoon-us-1-tbsp')], 'water', $heaped)->mean)->toBe(weight([fill('spoon-us-1-tbsp')], 'water')->mean)
            ->and(weight([fill('novelty-cup-1')], 'all-purpose-flour', $heaped)->mean)->toEqualWithDelta(125.0, 1e-9)
            ->and(
                weight([fill('liquid-measure-us-1-cup', 1, '1/2 cup')], 'all-purpose-flour', $heaped)->mean,
            )->toEqualWithDelta(62.5, 1e-9);
    });
});

describe('a line on a wall', function () {
    it('varies by the eye: 0.7 mm on the opening of the jug', function () {
        $jug = weight([fill('liquid-measure-us-1-cup', 1, '1/2 cup')], 'water');
        // pi / 4 x 82^2 / 1000 = 5.2810 mL a mm; x 0.7 mm x 0.99836 g/mL
        expect($jug->mean)->toEqualWithDelta(118.1, 1e-6)->and($jug->fillU)->toEqualWithDelta(3.6907, 0.001)
            ->and($jug->toolU)->toEqualWithDelta(118.1 * 0.03 / sqrt(3), 1e-6);
    });
    it('is short by k D tan t from above: about 45 mL in a 2-cup jug, 25 mL in a 1-cup jug', function () {
        $above = WorkingHabit::of(eyeDeg: 30);
        expect(weight([fill('liquid-measure-us-2-cup', 1, '1 1/2 cup')], 'water', $above)->mean)
            ->toEqualWithDelta(354.3 - 0.1 * 100 * tan(M_PI / 6) * 7.85398 * 236.2 / 236.5882365, 0.01)
            ->and(354.3 - weight([fill('liquid-measure-us-2-cup', 1, '1 1/2 cup')], 'water', $above)->mean)->toEqualWithDelta(45.0, 1.0)
            ->and(177.15 - weight([fill('liquid-measure-us-1-cup', 1, '3/4 cup')], 'water', $above)->mean)->toEqualWithDelta(25.0, 0.5);
    });
    it('is as much over from below, and three times as much to the far edge', function () {
        $line = fn (WorkingHabit $way) => weight([fill('liquid-measure-us-2-cup', 1, '1 cup')], 'water', $way)->mean - 236.2;
        expect($line(WorkingHabit::of(eyeDeg: -20)))->toEqualWithDelta(-$line(WorkingHabit::of(eyeDeg: 20)), 1e-6)
            ->and(
                $line(WorkingHabit::of(eyeDeg: 20, shareAcross: WorkingHabit::FAR_EDGE)),
            )->toEqualWithDelta(3 * $line(WorkingHabit::of(eyeDeg: 20)), 1e-6);
    });
    it('is 1.5 mm short at the top of the curve, and scatters by 2.5 mm in the hand', function () {
        $top = weight([fill('liquid-measure-us-1-cup', 1, '1/2 cup')], 'water', WorkingHabit::of(topOfCurve: true));
        $held = weight([fill('liquid-measure-us-1-cup', 1, '1/2 cup')], 'water', WorkingHabit::of(held: true));
        expect($top->mean)->toEqualWithDelta(
            118.1 - 1.5 * 5.28102 * 0.998359, 0.001,
        )->and($held->fillU)->toEqualWithDelta(2.5 * 5.28102 * 0.998359, 0.001);
    });
    it('scatters by half the opening times the lean of the vessel', function () {
        $leant = weight([fill('liquid-measure-us-1-cup', 1, '1/2 cup')], 'water', WorkingHabit::of(tiltDeg: 5));
        expect($leant->fillU)->toEqualWithDelta(hypot(0.7, 41 * tan(deg2rad(5))) * 5.28102 * 0.998359, 0.001);
    });
    it('does not mind the eye above where the line is read from above', function () {
        $top = fn (float $deg) => weight([fill('top-read-us-2-cup', 1, '1 cup')], 'water', WorkingHabit::of(eyeDeg: $deg))->mean;
        expect($top(30))->toBe($top(0));
    });
    it('never goes below empty, nor above the brim', function () {
        $deep = weight([fill('liquid-measure-us-2-cup', 1, '1/4 cup')], 'water', WorkingHabit::of(eyeDeg: 60, shareAcross: 0.5));
        $full = weight([fill('liquid-measure-us-2-cup', 1, '2 cup')], 'water', WorkingHabit::of(eyeDeg: -60, shareAcross: 0.5));
        expect($deep->mean)->toBe(0.0)->and($full->mean)->toEqualWithDelta(1.15 * 500 * 236.2 / 236.5882365, 0.01);
    });
});

describe('what stays in the tool', function () {
    it('is lost, a tenth of it when scraped, none in the tool itself', function () {
        $honey = fn (?bool $scraped) => weight([fill('dry-cup-us-1-2')], 'honey', WorkingHabit::of(scraped: $scraped));
        expect($honey(null)->mean)->toEqualWithDelta(169.5, 1e-9)->and($honey(true)->mean)->toEqualWithDelta(169.5 * 0.996, 1e-6)
            ->and($honey(false)->mean)->toEqualWithDelta(169.5 * 0.96, 1e-6)
            ->and($honey(false)->residueU)->toEqualWithDelta(169.5 * 0.04 * 0.35, 1e-6);
    });
});

describe('other kinds of weighing', function () {
    it('counts pieces, each on its own', function () {
        $eggs = WeightModel::pieces(2, 50, 0.04, 0.01);
        expect($eggs->mean)->toBe(100.0)->and($eggs->u())->toEqualWithDelta(50 * sqrt(2) * sqrt(0.04 ** 2 + 0.01 ** 2), 1e-9);
    });
    it('reads two lines for fat under water', function () {
        $fat = WeightModel::displaced(fill('liquid-measure-us-2-cup', 1, '1 1/2 cup'), BigRational::of('118.29411825'), density('butter'));
        expect($fat->mean)->toEqualWithDelta(113.5, 1e-6)->and($fat->fillU)->toEqualWithDelta(
            0.7 * 7.85398 * sqrt(2) * 227 / 236.5882365, 0.001,
        );
    });
    it('adds the two roundings of a tared reading, and the scale\'s own doubt', function () {
        // sqrt(3^2 + 2^2 / 6 + 0.5^2)
        expect(WeightModel::readingU(200, 3.0, new Scale(2.0, 0.5)))->toEqualWithDelta(3.1491, 0.0001);
    });
    it('pushes what passes an edge back to it', function () {
        // A standard normal held at 0 or above: mean 1 / sqrt(2 pi), variance 1/2 - 1 / (2 pi)
        [$mean, $sd] = Normal::within(0, 1, 0, INF);
        expect($mean)->toEqualWithDelta(0.398942, 1e-5)->and($sd)->toEqualWithDelta(sqrt(0.5 - 1 / (2 * M_PI)), 1e-5)
            ->and(Normal::below(1.96))->toEqualWithDelta(0.975, 1e-4);
    });
});

it('refuses hands and eyes that cannot be', function (array $way, string $field) {
    try {
        WorkingHabit::of(...$way, path: 'actions.');
        $at = null;
    } catch (InvalidInput $refusal) {
        $at = $refusal->field;
    }
    expect($at)->toBe("actions.$field");
})->with([
    [['eyeDeg' => 89.0], 'eye_deg'], [['eyeDeg' => NAN], 'eye_deg'], [['heaped' => 1.2], 'heaped'], [['heaped' => -0.1], 'heaped'],
    [['hollow' => 2.0], 'hollow'], [['shareAcross' => 0.6], 'share_across'], [['tiltDeg' => 45.0], 'tilt_deg'],
]);

it('draws what it works out: mean and spread of many draws agree, whatever the food, the tools and the slip', function () {
    $cases = [
        ['all-purpose-flour', [['dry-cup-us-1', 1, null], ['dry-cup-us-1-4', 3, null]]], ['baking-powder', [['spoon-us-1-tsp', 2, null]]],
        ['whole-milk', [['liquid-measure-us-2-cup', 1, '1/4 cup']]], ['whole-milk', [['liquid-measure-us-1-cup', 1, '3/4 cup']]],
        ['honey', [['dry-cup-us-1-3', 2, null]]],
        ['light-brown-sugar', [['dry-cup-us-1-2', 1, null], ['spoon-us-1-tbsp', 2, null]]],
        ['vegetable-oil', [['small-liquid-us-2-fl-oz', 1, '1 fl oz']]],
        ['all-purpose-flour', [['liquid-measure-us-4-cup', 1, '4 cup']]],
    ];
    $this->limitTo(40)->forAll(
        Generators::elements($cases), Generators::elements([0.0, 0.0, 0.5, 1.0]), Generators::choose(-45, 45),
        Generators::elements([0.1, 0.3, 0.5]),
        Generators::elements([null, true, false]),
        Generators::elements([null, Handling::Dipped, Handling::Tapped, Handling::AirPockets]), Generators::choose(1, 100_000),
    )->then(function (array $case, float $heaped, int $eye, float $share, ?bool $scraped, ?Handling $handling, int $seed): void {
        [$id, $tools] = $case;
        if ($handling !== null && Pantry::reference()->handlingFactor(Pantry::reference()->ingredient($id), $handling) === null) {
            $handling = null;
        }
        $fills = array_map(fn (array $one) => fill(...$one), $tools);
        $way = WorkingHabit::of(
            heaped: $heaped, eyeDeg: $eye, shareAcross: $share, topOfCurve: $seed % 2 === 0, held: $seed % 3 === 0,
            scraped: $scraped,
        );
        $density = density($id, $handling);
        $expected = WeightModel::of($fills, $density, $way);
        $chance = new Chance($seed);
        $n = 3000;
        $draws = [];
        for ($i = 0; $i < $n; $i++) {
            $draws[] = WeightModel::draw($fills, $density, $way, $chance);
        }
        $mean = array_sum($draws) / $n;
        $sd = sqrt(array_sum(array_map(fn (float $x) => ($x - $mean) ** 2, $draws)) / ($n - 1));
        // Five standard errors of the mean. Of the spread seven per cent: 1.3 % is one standard error, and the products of two
        // terms add a little; where a jug is all but empty, a few drops decide the spread, so only the mean is held there.
        expect(abs($mean - $expected->mean))->toBeLessThanOrEqual(5 * $expected->u() / sqrt($n) + 0.01);
        if ($expected->mean > 2 * $expected->u()) {
            expect(abs($sd - $expected->u()))->toBeLessThanOrEqual(0.07 * $expected->u() + 1e-9);
        }
    });
});

it('draws the same with the same seed, and shows only what a scale can show', function () {
    $draw = function (int $seed): float {
        $chance = new Chance($seed);

        return WeightModel::drawOnScale(
            WeightModel::draw([fill('dry-cup-us-1')], density('all-purpose-flour'), WorkingHabit::good(), $chance),
            new Scale(2.0, 0.0), $chance,
        );
    };
    expect($draw(7))->toBe($draw(7))->and(fmod($draw(7), 2.0))->toBe(0.0)
        ->and(count(array_unique(array_map($draw, range(1, 30)))))->toBeGreaterThan(5);
});
