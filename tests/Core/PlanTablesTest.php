<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\Advice;
use Hovik\Core\Plan\Displacement;
use Hovik\Core\Plan\FillSearch;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Plan\LineWarnings;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Plan\PlannedLine;
use Hovik\Core\Plan\Plans;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Plan\ToolPlanner;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Words\Phrasebook;

// Plans and their words, case by case; searches against trying everything.

function plansFor(string $food, string $amount, Unit $unit, string|array ...$tools): Plans
{
    return (new ToolPlanner(Pantry::reference()))->plan(
        Amount::of($amount, $unit), Pantry::reference()->ingredient($food), drawerOf(...$tools), MeasureStandard::UsCustomary,
    );
}

function lineFor(
    string $food, string $amount, Unit $unit, array $tools, MeasuringMode $mode = MeasuringMode::Checked, ?float $pct = null,
): PlannedLine {
    $planner = new LinePlanner(Pantry::reference(), drawerOf(...$tools), MeasureStandard::UsCustomary, ToleranceLevel::Practised);

    return $planner->plan(
        Pantry::reference()->ingredient($food), Amount::of($amount, $unit), Strictness::Structural, tolerancePct: $pct, mode: $mode,
    );
}

/** `2 x dry-cup-us-1-2`, `liquid-measure-us-1-cup to 1/2 cup` */
function fillsOf(?ToolPlan $plan): ?string
{
    return $plan === null ? null : implode(' + ', array_map(static fn (Fill $fill): string => ($fill->count > 1 ? "$fill->count x " : '')
        .$fill->tool->id.($fill->toMark === null ? '' : " to {$fill->toMark->text}"), $plan->fills));
}

$cups = ['dry-cup-us-1-4', 'dry-cup-us-1-3', 'dry-cup-us-1-2', 'dry-cup-us-1'];
$spoons = ['spoon-us-1-4-tsp', 'spoon-us-1-2-tsp', 'spoon-us-1-tsp', 'spoon-us-1-tbsp'];

describe('the best plan', function () use ($cups, $spoons) {
    it('takes the fewest fills the family\'s tools allow, and says why', function (
        string $food, string $amount, Unit $unit, array $tools, ?string $fills, ?string $why,
    ) {
        $best = plansFor($food, $amount, $unit, ...$tools)->best();
        expect(fillsOf($best))->toBe($fills)->and($best === null ? null : Phrasebook::in('en')->say($best->why))->toBe($why);
    })->with([
        'one cup' => ['bread-flour', '1', Unit::Cup, [...$cups, ...$spoons], 'dry-cup-us-1', 'Fill the 1-cup measuring cup once: that is exact.'],
        'two of one' => [
            'bread-flour', '1', Unit::Cup, ['dry-cup-us-1-2'], '2 x dry-cup-us-1-2',
            'Fill 2 times: no way takes fewer. Every extra fill can add an error.',
        ],
        'cup and spoons' => [
            'granulated-sugar', '1 1/16', Unit::Cup, [...$cups, ...$spoons], 'dry-cup-us-1 + spoon-us-1-tbsp',
            'Fill 2 times: no way takes fewer. Every extra fill can add an error.',
        ],
        'a line of a jug' => [
            'whole-milk', '1/2', Unit::Cup, ['liquid-measure-us-1-cup', ...$cups], 'liquid-measure-us-1-cup to 1/2 cup',
            'Fill once, to the 1/2 cup line. A narrow cup is easier to read.',
        ],
        'a jug to its line and the rest by spoon' => [
            'whole-milk', '9/16', Unit::Cup, ['liquid-measure-us-1-cup', ...$spoons],
            'liquid-measure-us-1-cup to 1/2 cup + spoon-us-1-tbsp',
            'Fill 2 times: no way takes fewer. Every extra fill can add an error.',
        ],
        'a little milk by spoon' => [
            'whole-milk', '1', Unit::Tablespoon, ['liquid-measure-us-1-cup', ...$spoons], 'spoon-us-1-tbsp',
            'Fill the 1 tbsp measuring spoon once: that is exact.',
        ],
        'the line lettered as the recipe says it' => [
            'whole-milk', '4', Unit::FluidOunce, ['liquid-measure-us-1-cup'], 'liquid-measure-us-1-cup to 4 fl oz',
            'Fill once, to the 4 fl oz line. A narrow cup is easier to read.',
        ],
        'butter by its wrapper' => [
            'butter', '6', Unit::Tablespoon, ['butter-wrapper-us-stick'], 'butter-wrapper-us-stick to 6 tbsp',
            'Cut at the 6 tbsp line on the wrapper.',
        ],
        'a stick is eight tablespoons' => [
            'butter', '1/2', Unit::Stick, ['butter-wrapper-us-stick'], 'butter-wrapper-us-stick to 4 tbsp',
            'Cut at the 4 tbsp line on the wrapper.',
        ],
        'the nearest where none is exact' => [
            'bread-flour', '1/3', Unit::Cup, ['dry-cup-us-1-4'], 'dry-cup-us-1-4',
            'These tools cannot make it exactly. This is 25% off; weigh 42 g instead.',
        ],
        'eggs' => ['egg-large', '2', Unit::Piece, [], '', 'Count 2.'],
        'part of an egg' => ['egg-large', '1/2', Unit::Piece, [], null, null],
        'no tool at all' => ['bread-flour', '1', Unit::Cup, [], null, null],
        'half as much again is no nearest' => ['bread-flour', '1/8', Unit::Cup, ['dry-cup-us-1'], null, null],
        'a novelty scoop measures nothing' => ['bread-flour', '1/2', Unit::Cup, ['novelty-cup-1-2'], null, null],
        'no flour in a jug' => ['bread-flour', '1/2', Unit::Cup, ['liquid-measure-us-1-cup'], null, null],
        'seeds may go by cup' => [
            'sesame-seed', '1/2', Unit::Cup, ['dry-cup-us-1-2'], 'dry-cup-us-1-2', 'Fill the 1/2 cup measuring cup once: that is exact.',
        ],
        'baking powder goes by spoon' => ['baking-powder', '1/4', Unit::Cup, ['dry-cup-us-1-4'], null, null],
        'honey by cup' => [
            'honey', '1/4', Unit::Cup, [...$cups, ...$spoons], 'dry-cup-us-1-4', 'Fill the 1/4 cup measuring cup once: that is exact.',
        ],
        'whole fruit is weighed' => ['blueberries-fresh', '1', Unit::Cup, $cups, null, null],
    ]);

    it('is followed by others, at most five, that say how many fills more they take', function () use ($cups, $spoons) {
        $plans = plansFor('granulated-sugar', '1', Unit::Cup, ...$cups, ...$spoons)->plans;
        expect(array_map(fillsOf(...), array_slice($plans, 0, 2)))->toBe(['dry-cup-us-1', '2 x dry-cup-us-1-2'])
            ->and(count($plans))->toBeGreaterThanOrEqual(3)->toBeLessThanOrEqual(5)
            ->and(Phrasebook::in('en')->say($plans[1]->why))->toBe('This is exact too, with 2 fills instead of 1.')
            ->and($plans[1]->errorPct)->toBe(0.0)->and($plans[1]->exact)->toBeTrue();
        expect(count(plansFor('butter', '1/2', Unit::Cup, 'liquid-measure-us-2-cup', ...$cups, ...$spoons)->plans))->toBeLessThanOrEqual(5);
    });

    it('keeps fat under water for last, with the line the water stands at', function () {
        $plans = plansFor('butter', '1/2', Unit::Cup, 'liquid-measure-us-2-cup', 'dry-cup-us-1-2')->plans;
        $last = $plans[count($plans) - 1];
        expect(fillsOf($plans[0]))->toBe('dry-cup-us-1-2')->and($plans[0]->waterTo)->toBeNull()
            ->and($last->waterTo?->amount?->number->isGreaterThanOrEqualTo('1/2'))->toBeTrue()
            ->and(
                $last->fills[0]->toMark?->ml
                    ->isEqualTo($last->waterTo->ml->plus(Amount::of('1/2', Unit::Cup)->inBase(MeasureStandard::UsCustomary))),
            )
            ->toBeTrue()
            ->and(Phrasebook::in('en')->say($last->why))->toStartWith('Pour water to the ')
            ->and(plansFor('butter', '1', Unit::Cup, 'liquid-measure-us-1-cup')->plans)->toBe([]); // no room over the water
    });

    it('goes by the class\'s tool, then fills, then spread, then different tools', function () {
        $plan = fn (
            string $food, string $amount, Unit $unit, string ...$tools,
        ) => fillsOf(plansFor($food, $amount, $unit, ...$tools)->best());
        // The narrower jug spreads less.
        expect($plan('whole-milk', '1/2', Unit::Cup, 'liquid-measure-us-2-cup', 'liquid-measure-us-1-cup'))
            ->toBe('liquid-measure-us-1-cup to 1/2 cup')
            ->and(
                $plan('whole-milk', '1', Unit::Cup, 'liquid-measure-us-4-cup', 'liquid-measure-us-2-cup'),
            )->toBe('liquid-measure-us-2-cup to 1 cup');
    });
});

describe('advice', function () use ($cups, $spoons) {
    it('is given where the tools do not serve', function (string $food, string $amount, Unit $unit, array $tools, array $advice) {
        expect(array_map(fn (Advice $one): string => $one->value, plansFor($food, $amount, $unit, ...$tools)->advice))->toBe($advice);
    })->with([
        'none where they do' => ['bread-flour', '3', Unit::Cup, [...$cups, ...$spoons], []],
        'over three cups are weighed' => ['bread-flour', '3 1/16', Unit::Cup, [...$cups, ...$spoons], ['weigh-instead']],
        'not liquids' => ['whole-milk', '4', Unit::Cup, ['liquid-measure-us-4-cup'], []],
        'nothing fits' => ['bread-flour', '1', Unit::Cup, ['liquid-measure-us-1-cup'], ['no-suitable-tool', 'weigh-instead']],
        'too little for the jug' => [
            'whole-milk', '1/16', Unit::Cup, ['liquid-measure-us-1-cup'], ['below-smallest-mark', 'weigh-instead'],
        ],
        'more than one jug' => ['whole-milk', '2', Unit::Cup, ['liquid-measure-us-1-cup'], ['above-highest-mark']],
        'between two lines' => ['whole-milk', '9/16', Unit::Cup, ['liquid-measure-us-1-cup', ...$spoons], ['between-marks']],
        'between two lines and no spoon' => [
            'whole-milk', '9/16', Unit::Cup, ['liquid-measure-us-1-cup'], ['between-marks', 'weigh-instead'],
        ],
        'a spoon that serves needs no line' => ['whole-milk', '1', Unit::Tablespoon, ['liquid-measure-us-1-cup', ...$spoons], []],
        'whole eggs are counted' => ['egg-large', '3', Unit::Piece, [], ['count-instead']],
        'parts of them weighed' => ['egg-large', '1 1/2', Unit::Piece, [], ['weigh-instead']],
        'a weight is weighed' => ['bread-flour', '250', Unit::Gram, $cups, ['weigh-instead']],
        'off by a little' => ['bread-flour', '1/3', Unit::Cup, ['dry-cup-us-1-4'], ['weigh-instead']],
    ]);
});

describe('warnings before the lab', function () {
    $fine = ['Fine' => new Scale(0.1, 0.03, 5000.0)];
    $said = fn (PlannedLine $line, array $scales, int $stations = 6) => array_map(
        Phrasebook::in('en')->say(...), LineWarnings::of($line, $scales, $stations),
    );

    it('say how far, how many, and which', function (PlannedLine $line, array $scales, int $stations, array $sentences) use ($said) {
        expect($said($line, $scales, $stations))->toBe($sentences);
    })->with([
        'nothing to say' => fn () => [lineFor('granulated-sugar', '1', Unit::Cup, [['dry-cup-us-1', 6, 1.0]]), $fine, 6, []],
        'one cup too few' => fn () => [
            lineFor('granulated-sugar', '1', Unit::Cup, [['dry-cup-us-1', 5, 1.0]]), $fine, 6,
            ['Only 5 of the 1-cup measuring cup for 6 stations: they must take turns.'],
        ],
        'not exact' => fn () => [
            lineFor('granulated-sugar', '1/3', Unit::Cup, ['dry-cup-us-1-4']), $fine, 6, ['No tools make this exactly: 25% off.'],
        ],
        'much' => fn () => [
            lineFor('granulated-sugar', '4', Unit::Cup, [['dry-cup-us-1', 6, 1.0]]), $fine, 6, ['Large amount: weigh it.'],
        ],
        'no tool' => fn () => [lineFor('granulated-sugar', '1', Unit::Cup, []), $fine, 6, ['No tool in the drawer fits. Weigh it.']],
        'weighed by choice' => fn () => [lineFor('granulated-sugar', '1', Unit::Cup, [], MeasuringMode::Weight), $fine, 6, []],
        'counted' => fn () => [lineFor('egg-large', '2', Unit::Piece, []), $fine, 6, []],
        'a cup that holds more' => fn () => [
            lineFor('granulated-sugar', '1', Unit::Cup, [['dry-cup-us-1', 6, 1.03]]), $fine, 6, ['the 1-cup measuring cup is 3% off its marked size.'],
        ],
        'a cup that holds less' => fn () => [
            lineFor('granulated-sugar', '1', Unit::Cup, [['dry-cup-us-1', 6, 0.975]]), $fine, 6,
            ['the 1-cup measuring cup is 2.5% off its marked size.'],
        ],
        'no scale' => fn () => [
            lineFor('granulated-sugar', '1', Unit::Cup, [['dry-cup-us-1', 6, 1.0]]), [], 6, ['No scale in the drawer.'],
        ],
    ]);
});

describe('the search for fills', function () {
    $parts = fn (array $sizes) => array_map(static fn (int $size): BigRational => BigRational::of("$size/4"), $sizes);

    it('has nothing to search in nothing, nor in numbers beyond all measure', function () use ($parts) {
        expect(FillSearch::over([], BigRational::one()))->toBeNull()
            ->and(FillSearch::over($parts([4]), BigRational::of('1/'.str_repeat('9', 30))))->toBeNull()
            ->and(FillSearch::over([BigRational::of(str_repeat('9', 30))], BigRational::one()))->toBeNull()
            ->and(
                FillSearch::over([BigRational::of(str_repeat('9', 30)), BigRational::one()], BigRational::of(3))?->exact(),
            )->toBe([[1 => 3]]);
    });

    it('fills no oftener than twelve times', function () use ($parts) {
        expect(FillSearch::over($parts([1]), BigRational::of('12/4'))?->exact())->toBe([[0 => 12]])
            ->and(FillSearch::over($parts([1]), BigRational::of('13/4'))?->exact())->toBe([])
            ->and(FillSearch::over($parts([1]), BigRational::of('13/4'))?->nearest(12))->toBe(12)
            ->and(FillSearch::over($parts([1]), BigRational::of('3/4'), 2)?->exact())->toBe([]);
    });

    it('looks at a counted number of sums, whatever the volumes and the amount', function () {
        $random = new Random\Randomizer(new Random\Engine\Mt19937(5));
        for ($round = 0; $round < 40; $round++) {
            $volumes = [];
            for ($n = 0; $n < 60; $n++) { // sixty sizes without a common part: as bad as it can be
                $volumes[] = BigRational::of($random->getInt(1, 10 ** 6).'/16');
            }
            $volumes = array_values(array_unique($volumes, SORT_REGULAR));
            $search = FillSearch::over($volumes, BigRational::of($random->getInt(1, 10 ** 7).'/16'));
            expect($search?->visited())->toBeLessThanOrEqual(FillSearch::MOST_SUMS)->and($search?->nearest(6))->not->toBeNull();
        }
    });

    it('takes what is near enough with the fewest fills, and of equally near ones the lower', function () use ($parts) {
        $search = FillSearch::over($parts([10, 3, 97]), BigRational::of('100/4'));
        expect($search?->near(0.05, 6))->toBe(97)->and($search?->near(0.02, 6))->toBe(100)->and($search?->near(0.02, 1))->toBeNull();
        $even = FillSearch::over($parts([9, 11]), BigRational::of('10/4'));
        expect($even?->nearest(3))->toBe(9)->and($even?->near(0.2, 3))->toBe(9);
    });

    it('gives more combinations where more are wanted, within the fills allowed', function () use ($parts) {
        $search = FillSearch::over($parts([1, 2, 4]), BigRational::of('4/4'));
        expect($search?->exact())->toBe([[2 => 1]])
            ->and($search?->exact(2, 0))->toBe([[2 => 1]])
            ->and($search?->exact(2, 1))->toBe([[2 => 1], [1 => 2]])
            ->and($search?->exact(3, 5))->toBe([[2 => 1], [1 => 2], [1 => 1, 0 => 2]])
            ->and($search?->exact(9, 5))->toBe([[2 => 1], [1 => 2], [1 => 1, 0 => 2], [0 => 4]])
            ->and($search?->exact(9, 1))->toBe([[2 => 1], [1 => 2]]);
    });

    it('finds the nearest there is: trying every combination says so too', function () use ($parts) {
        $random = new Random\Randomizer(new Random\Engine\Mt19937(11));
        for ($round = 0; $round < 300; $round++) {
            $sizes = [];
            for ($n = $random->getInt(1, 4); $n > 0; $n--) {
                $sizes[] = $random->getInt(1, 24);
            }
            $goal = $random->getInt(1, 80);
            $most = $random->getInt(1, 5);
            $sums = [[0, 0]];
            $best = [PHP_INT_MAX, PHP_INT_MAX];
            for ($fills = 1; $fills <= $most; $fills++) { // all multisets of that many fills, as sums
                $next = [];
                foreach ($sums as [$sum]) {
                    foreach ($sizes as $size) {
                        $next[$sum + $size] = [$sum + $size, $fills];
                    }
                }
                foreach ($next as [$sum]) {
                    $best = min($best, [abs($goal - $sum), $fills]);
                }
                $sums = array_values($next);
            }
            $search = FillSearch::over($parts($sizes), BigRational::of("$goal/4"));
            $nearest = $search?->nearest($most) ?? 0;
            $found = $search?->ways($nearest, (int) $search->fewest($nearest))[0] ?? [];
            $sum = array_sum(array_map(static fn (int $times, int $i): int => $times * $sizes[$i], $found, array_keys($found)));
            expect([abs($goal - $sum), array_sum($found)])->toBe($best, json_encode([$sizes, $goal, $most]));
        }
    });
});

it('is the plan of distinct tools and all their fills', function () {
    $plan = plansFor('bread-flour', '1 1/2', Unit::Cup, 'dry-cup-us-1', 'dry-cup-us-1-2')->best();
    expect($plan?->fillCount())->toBe(2)->and($plan?->distinctTools())->toBe(2);
    $plan = plansFor('bread-flour', '3', Unit::Cup, 'dry-cup-us-1')->best();
    expect($plan?->fillCount())->toBe(3)->and($plan?->distinctTools())->toBe(1);
    $jug = ToolCatalogue::tool('liquid-measure-us-1-cup', MeasureStandard::UsCustomary);
    $twice = new ToolPlan([new Fill($jug, 1, $jug->marks[0]), new Fill($jug, 1, $jug->marks[1])], true, 0.0, 1.0, 1.0, $plan->why);
    expect($twice->distinctTools())->toBe(1)->and($twice->fillCount())->toBe(2);
});

describe('fat under water', function () use ($cups) {
    /** `1/2 cup, to 1 cup in liquid-measure-us-1-cup` of each plan */
    $risings = function (string $ml, string|array ...$tools): array {
        $butter = Pantry::reference()->ingredient('butter');
        $density = Density::of(Pantry::reference(), $butter, TechniqueCatalogue::handlingFor($butter, null));

        return array_map(
            static fn (ToolPlan $plan): string => "{$plan->waterTo?->text}, to {$plan->fills[0]->toMark?->text} in {$plan->fills[0]->tool->id}",
            Displacement::plans(drawerOf(...$tools), BigRational::of($ml), $density),
        );
    };
    $cup = MeasureStandard::UsCustomary->size(Unit::Cup)->simplified();

    it('takes the narrowest jug with two such lines, and water enough to cover', function (
        string $cups, array $tools, array $risen,
    ) use ($risings, $cup) {
        expect($risings((string) BigRational::of($cups)->multipliedBy($cup)->simplified(), ...$tools))->toBe($risen);
    })->with([
        'half and half in the cup' => [
            '1/2', ['liquid-measure-us-1-cup'], ['1/2 cup, to 1 cup in liquid-measure-us-1-cup'],
        ],
        'the narrower of two jugs, whichever comes first' => [
            '1/2', ['liquid-measure-us-2-cup', 'liquid-measure-us-1-cup'], ['1/2 cup, to 1 cup in liquid-measure-us-1-cup'],
        ],
        'the other way round' => [
            '1/2', ['liquid-measure-us-1-cup', 'liquid-measure-us-2-cup'], ['1/2 cup, to 1 cup in liquid-measure-us-1-cup'],
        ],
        'a cup needs the larger jug' => [
            '1', ['liquid-measure-us-1-cup', 'liquid-measure-us-2-cup'], ['1 cup, to 2 cup in liquid-measure-us-2-cup'],
        ],
        'no jug is high enough' => ['1', ['liquid-measure-us-1-cup'], []],
        'no line is where the water would come to' => ['2/5', ['liquid-measure-us-1-cup'], []],
        'cups are no jugs, and do not end the search' => [
            '1/2', ['dry-cup-us-1', 'liquid-measure-us-1-cup'], ['1/2 cup, to 1 cup in liquid-measure-us-1-cup'],
        ],
        'nothing at all' => ['1/2', [], []],
    ]);

    it('stands on two lines that are so far apart, the lower above the fat, in one unit; the finest there is', function () use ($cup) {
        $butter = Pantry::reference()->ingredient('butter');
        $density = Density::of(Pantry::reference(), $butter, TechniqueCatalogue::handlingFor($butter, null));
        foreach ([['1-cup'], ['2-cup'], ['4-cup'], ['4-cup', '1-cup'], ['1-cup', '2-cup', '4-cup']] as $owned) {
            $drawer = drawerOf(...array_map(static fn (string $size): string => "liquid-measure-us-$size", $owned));
            for ($sixteenths = 1; $sixteenths <= 40; $sixteenths++) {
                $ml = $cup->multipliedBy($sixteenths)->dividedBy(16);
                $spreads = [];
                foreach ($drawer as $jug) {
                    foreach ($jug->marks as $water) {
                        foreach ($jug->marks as $risen) {
                            if ($risen->ml->minus($water->ml)->isEqualTo($ml) && $water->ml->isGreaterThanOrEqualTo($ml)
                                && $water->amount?->unit === $risen->amount?->unit) {
                                $spreads[] = WeightModel::displaced(new Fill($jug, 1, $risen), $ml, $density)->u();
                            }
                        }
                    }
                }
                $plans = Displacement::plans($drawer, $ml, $density);
                $at = implode(' ', $owned)." $sixteenths/16";
                expect(count($plans))->toBe($spreads === [] ? 0 : 1, $at);
                foreach ($plans as $plan) {
                    expect($plan->uG)->toBe(min($spreads), $at)->and($plan->exact)->toBeTrue()->and($plan->errorPct)->toBe(0.0)
                        ->and($plan->fills[0]->toMark?->ml->minus($plan->waterTo?->ml ?? 0)->isEqualTo($ml))->toBeTrue($at)
                        ->and(Phrasebook::in('en')->say($plan->why))
                        ->toContain((string) $plan->waterTo?->text, (string) $plan->fills[0]->toMark?->text);
                }
            }
        }
    });

    it('is never the first way, and never the only one while there is a cup', function () use ($cups) {
        $plans = plansFor('vegetable-shortening', '1/2', Unit::Cup, 'liquid-measure-us-1-cup', ...$cups)->plans;
        expect(fillsOf($plans[0]))->toBe('dry-cup-us-1-2')->and($plans[0]->waterTo)->toBeNull()
            ->and(array_values(array_filter($plans, static fn (ToolPlan $plan): bool => $plan->waterTo !== null)))->toHaveCount(1)
            ->and(plansFor('vegetable-shortening', '1/2', Unit::Cup, 'liquid-measure-us-1-cup')->best()?->waterTo?->text)->toBe('1/2 cup');
    });
});

it('plans a line that is weighed out without tools, and says the weight', function () use ($cups) {
    $line = lineFor('bread-flour', '1', Unit::Cup, $cups, MeasuringMode::Weight);
    expect($line->plans->plans)->toBe([])->and($line->plans->advice)->toBe([Advice::WeighInstead])
        ->and($line->plans->weighG)->toBe($line->targetG->toFloat())->and($line->hasOwnTolerance)->toBeFalse();
    $own = lineFor('bread-flour', '1', Unit::Cup, $cups, pct: 3.5);
    expect($own->hasOwnTolerance)->toBeTrue()->and($own->tolerance->percent)->toBe(3.5)
        ->and($own->tolerance->floorG)->toBe($line->tolerance->floorG);
});

it('keeps what a class settled on for its small measures', function () {
    $small = ['small-liquid-us-2-fl-oz', 'spoon-us-1-tbsp'];
    $best = static function (?HouseRules $rules) use ($small): ?string {
        $planner = new LinePlanner(
            Pantry::reference(), drawerOf(...$small), MeasureStandard::UsCustomary, ToleranceLevel::Practised, $rules,
        );
        $vanilla = $planner->plan(
            Pantry::reference()->ingredient('vanilla-extract'), Amount::of('2', Unit::Tablespoon), Strictness::Flavour,
        );

        return $vanilla->plans->best()?->fills[0]->tool->id;
    };
    expect($best(null))->toBe($best(HouseRules::usual()))->toBe('spoon-us-1-tbsp')
        ->and($best(HouseRules::of(['small-liquids' => 'small-measure'])))->toBe('small-liquid-us-2-fl-oz');
});

it('plans by the class\'s own limits and its own taste, and says what they cost', function (
    string $food, string $amount, Unit $unit, array $rules, array $fills, string $why,
) {
    $us = MeasureStandard::UsCustomary;
    $drawer = array_map(fn (string $id) => ToolCatalogue::tool($id, $us), [
        'dry-cup-us-1-4', 'dry-cup-us-1-3', 'dry-cup-us-1-2', 'dry-cup-us-1', 'spoon-us-1-tsp', 'spoon-us-1-tbsp', 'liquid-measure-us-1-cup',
    ]);
    $planner = new ToolPlanner(Pantry::reference(), HouseRules::of($rules));
    $best = $planner->plan(Amount::of($amount, $unit), Pantry::reference()->ingredient($food), $drawer, $us)->best();
    $made = [];
    foreach ($best->fills as $fill) {
        $made[$fill->tool->id] = ($made[$fill->tool->id] ?? 0) + $fill->count;
    }
    expect($made)->toBe($fills)->and($best->exact)->toBeTrue()->and($best->why->id)->toBe($why);
})->with([
    ['bread-flour', '1/4', Unit::Cup, [], ['dry-cup-us-1-4' => 1], 'plan.why.one-fill'],
    ['bread-flour', '1/4', Unit::Cup, ['spoons-up-to' => '1/4'], ['spoon-us-1-tbsp' => 4], 'plan.why.by-spoon'],
    ['bread-flour', '1/3', Unit::Cup, ['spoons-up-to' => '1/4'], ['dry-cup-us-1-3' => 1], 'plan.why.one-fill'],
    ['whole-milk', '1/4', Unit::Cup, ['spoons-up-to' => '1/4'], ['liquid-measure-us-1-cup' => 1], 'plan.why.mark'],
    ['bread-flour', '3/4', Unit::Cup, [], ['dry-cup-us-1-2' => 1, 'dry-cup-us-1-4' => 1], 'plan.why.fewest'],
    ['bread-flour', '3/4', Unit::Cup, ['exact-way' => 'one-tool'], ['dry-cup-us-1-4' => 3], 'plan.why.one-tool'],
    ['bread-flour', '2', Unit::Cup, ['exact-way' => 'one-tool'], ['dry-cup-us-1' => 2], 'plan.why.fewest'],
    ['bread-flour', '1 3/4', Unit::Cup, ['exact-way' => 'one-tool'], ['dry-cup-us-1' => 1, 'dry-cup-us-1-2' => 1, 'dry-cup-us-1-4' => 1], 'plan.why.fewest'],
]);
