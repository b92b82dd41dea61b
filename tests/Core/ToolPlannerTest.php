<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Eris\Generators;
use Eris\TestTrait;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Lab\FrozenKitchen;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\Advice;
use Hovik\Core\Plan\FillSearch;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Plan\ToolPlanner;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\ToleranceLevel;
use Random\Engine\Mt19937;
use Random\Randomizer;

uses(TestTrait::class);

$us = MeasureStandard::UsCustomary;
$drawer = fn (string ...$ids) => array_map(fn (string $id) => ToolCatalogue::tool($id, MeasureStandard::UsCustomary), array_values($ids));

it('finds the fewest fills there are: a table of all amounts says so too', function () {
    $sizes = [2, 3, 4, 6, 8, 12, 16, 24, 36, 48]; // quarter-teaspoons and up
    $this->forAll(Generators::subset($sizes), Generators::choose(1, 160))->then(function (array $owned, int $goal): void {
        $owned = array_values(array_unique($owned));
        $fewest = array_fill(0, $goal + 1, INF);
        $fewest[0] = 0;
        for ($amount = 1; $amount <= $goal; $amount++) {
            foreach ($owned as $size) {
                if ($size <= $amount) {
                    $fewest[$amount] = min($fewest[$amount], $fewest[$amount - $size] + 1);
                }
            }
        }
        $found = FillSearch::over(array_map(fn (int $s) => BigRational::of("$s/4"), $owned), BigRational::of("$goal/4"))?->exact() ?? [];
        if ($fewest[$goal] === INF || $fewest[$goal] > FillSearch::MOST_FILLS) {
            expect($found)->toBe([]);

            return;
        }
        expect($found)->not->toBe([]);
        foreach ($found as $combination) {
            expect(array_sum($combination))->toBe((int) $fewest[$goal]);
            expect(
                array_sum(array_map(fn (int $times, int $i) => $times * $owned[$i], $combination, array_keys($combination))),
            )->toBe($goal);
        }
    });
});

it('gives plans that add up, best first, by technique\'s own weight', function () use ($drawer, $us) {
    $planner = new ToolPlanner(Pantry::reference());
    $tools = $drawer(
        'dry-cup-us-1-4', 'dry-cup-us-1-3', 'dry-cup-us-1-2', 'dry-cup-us-1', 'spoon-us-1-4-tsp', 'spoon-us-1-2-tsp',
        'spoon-us-1-tsp', 'spoon-us-1-tbsp',
    );
    $this->limitTo(60)->forAll(
        Generators::choose(1, 48),
        Generators::elements(['bread-flour', 'granulated-sugar', 'light-brown-sugar', 'rolled-oats', 'table-salt', 'honey']),
    )
        ->then(function (int $sixteenths, string $id) use ($planner, $tools, $us): void {
            $ingredient = Pantry::reference()->ingredient($id);
            $plans = $planner->plan(Amount::of("$sixteenths/16", Unit::Cup), $ingredient, $tools, $us);
            if ($id === 'table-salt' && $sixteenths > 12) { // more spoons than anybody fills: weighed
                expect($plans->plans)->toBe([])->and($plans->advice)->toContain(Advice::WeighInstead);

                return;
            }
            expect($plans->plans)->not->toBe([]);
            $rank = null;
            foreach ($plans->plans as $plan) {
                $ml = array_reduce($plan->fills, fn (BigRational $sum, Fill $fill) => $sum->plus($fill->totalMl()), BigRational::zero());
                $asked = Amount::of("$sixteenths/16", Unit::Cup)->inBase($us);
                expect($ml->isEqualTo($asked))->toBe($plan->exact)
                    ->and(abs($ml->dividedBy($asked)->toFloat() - 1))->toBeLessThanOrEqual($plan->exact ? 0.0 : 0.008);
                $now = [$plan->fillCount(), round($plan->uG, 9), $plan->distinctTools()];
                expect($rank === null || $rank <= $now)->toBeTrue();
                $rank = $now;
            }
        });
});

it('follows the schools a class settled on', function () use ($drawer, $us) {
    $best = function (array $schools, string $id, string $number, Unit $unit, string ...$tools) use ($drawer, $us): ?string {
        $plan = (new ToolPlanner(Pantry::reference(), HouseRules::of($schools)))->plan(
            Amount::of($number, $unit), Pantry::reference()->ingredient($id), $drawer(...$tools), $us,
        );

        return $plan->best()?->fills[0]->tool->id;
    };
    expect($best([], 'whole-milk', '1/2', Unit::Cup, 'top-read-us-1-cup'))->toBeNull()
        ->and($best(['top-read' => 'trusted'], 'whole-milk', '1/2', Unit::Cup, 'top-read-us-1-cup'))->toBe('top-read-us-1-cup')
        ->and($best([], 'whole-milk', '1/2', Unit::Cup, 'dry-cup-us-1-2'))->toBeNull()
        ->and($best(['liquids-in-dry-cups' => 'brim-full'], 'whole-milk', '1/2', Unit::Cup, 'dry-cup-us-1-2'))->toBe('dry-cup-us-1-2')
        ->and($best([], 'yogurt-plain', '1/2', Unit::Cup, 'liquid-measure-us-1-cup'))->toBeNull()
        ->and(
            $best(['thick-pourables' => 'jug'], 'yogurt-plain', '1/2', Unit::Cup, 'liquid-measure-us-1-cup'),
        )->toBe('liquid-measure-us-1-cup')
        ->and($best([], 'vanilla-extract', '1', Unit::Tablespoon, 'spoon-us-1-tbsp', 'small-liquid-us-2-fl-oz'))->toBe('spoon-us-1-tbsp')
        ->and(
            $best(
                ['small-liquids' => 'small-measure'], 'vanilla-extract', '1', Unit::FluidOunce, 'spoon-us-1-tbsp',
                'small-liquid-us-2-fl-oz',
            ),
        )->toBe('small-liquid-us-2-fl-oz')
        ->and($best([], 'baking-powder', '1/4', Unit::Cup, 'dry-cup-us-1-4', 'spoon-us-1-tbsp'))->toBe('spoon-us-1-tbsp')
        ->and(
            $best(['leaveners' => 'cup'], 'baking-powder', '1/4', Unit::Cup, 'dry-cup-us-1-4', 'spoon-us-1-tbsp'),
        )->toBe('dry-cup-us-1-4');
    expect(fn () => HouseRules::of(['top-read' => 'maybe']))->toThrow(Hovik\Core\InvalidInput::class);
});

it('levels and breaks lumps the way a class does', function () use ($drawer, $us) {
    $steps = function (array $schools, string $id) use ($drawer, $us): array {
        $settled = HouseRules::of($schools, [HouseMethod::DipSweep]);
        $ingredient = Pantry::reference()->ingredient($id);
        $plans = (new ToolPlanner(Pantry::reference(), $settled))->plan(
            Amount::of('1', Unit::Cup), $ingredient, $drawer('dry-cup-us-1'), $us, $settled->methodFor($ingredient),
        );

        return array_map(fn (Step $step): string => $step->value, $plans->technique->steps);
    };
    expect($steps([], 'bread-flour'))->toBe(['clean-dry-empty', 'over-paper', 'dip-heaped', 'sweep-level', 'return-excess'])
        ->and($steps([], 'confectioners-sugar'))->toBe(
            ['clean-dry-empty', 'crush-lumps', 'over-paper', 'spoon-heaped', 'sweep-level', 'return-excess'],
        )
        ->and($steps(['lumpy-powders' => 'sift'], 'confectioners-sugar'))->toContain('sift')
        ->and($steps(['lumpy-powders' => 'sift'], 'bread-flour'))->not->toContain('sift')
        ->and($steps(['levelling' => 'knife-back'], 'granulated-sugar'))->toContain('sweep-knife')->not->toContain('sweep-level')
        ->and($steps(['levelling' => 'fingertip'], 'granulated-sugar'))->toContain('sweep-level')
        ->and($steps(['levelling' => 'fingertip'], 'light-brown-sugar'))->toContain('smooth-fingertip')->not->toContain('sweep-level');
});

it('levels once at most, and only as the class does, whatever the food and the schools', function () use ($drawer, $us) {
    $drawer = $drawer('dry-cup-us-1-2', 'spoon-us-1-tbsp', 'liquid-measure-us-1-cup', 'top-read-us-1-cup');
    $levels = ['sweep-level', 'sweep-knife', 'smooth-fingertip'];
    // The usual answers once, then every other one that is about tools and hands.
    $words = ['measure-by', 'who-measures', 'steps', 'decimal-sign', 'thirds', 'metric', 'oven', 'weigh-above', 'most-fills'];
    $others = array_map(static fn (array $answers): array => array_slice($answers, 1), HouseRules::QUESTIONS);
    foreach (['levelling' => HouseRules::QUESTIONS['levelling']] + array_diff_key($others, array_flip($words)) as $question => $answers) {
        foreach ($answers as $answer) {
            $schools = HouseRules::of([$question => $answer]);
            $planner = new ToolPlanner(Pantry::reference(), $schools);
            $own = [$schools->levels(false)->value, $schools->levels(true)->value];
            foreach (Pantry::reference()->ids() as $id) {
                $ingredient = Pantry::reference()->ingredient($id);
                if ($ingredient->gramsPerUsCup === null) {
                    continue;
                }
                $steps = array_map(
                    static fn (Step $step): string => $step->value,
                    $planner->plan(
                        Amount::of('1/2', Unit::Cup), $ingredient, $drawer, $us, $schools->methodFor($ingredient),
                    )->technique->steps,
                );
                $levelled = array_values(array_intersect($steps, $levels));
                expect(count($levelled))->toBeLessThanOrEqual(1, "$question=$answer $id")
                    ->and(array_diff($levelled, $own))->toBe([], "$question=$answer $id");
            }
        }
    }
});

it('finds the next best tools for the same steps while some lie on the floor, exact or none', function () use ($us, $drawer) {
    $pantry = Pantry::reference();
    $owned = $drawer('dry-cup-us-1', 'dry-cup-us-1-2', 'dry-cup-us-1-4', 'liquid-measure-us-1-cup', 'spoon-us-1-tbsp');
    $planner = new LinePlanner($pantry, $owned, $us, ToleranceLevel::Practised);
    $kitchen = new FrozenKitchen($owned, [], HouseRules::usual(), [], [], []);
    $without = function (array $out, string $id, string $amount) use ($planner, $pantry, $kitchen) {
        $plan = $planner->plan($pantry->ingredient($id), Amount::of($amount, Unit::Cup), Strictness::Structural);

        return $kitchen->instead(FrozenLine::of($plan, 1, null, [], false, []), $out);
    };
    $fills = fn (?ToolPlan $plan): ?array => $plan === null ? null : array_map(
        fn (Fill $fill) => "{$fill->count} {$fill->tool->id}", $plan->fills,
    );
    expect($fills($without(['dry-cup-us-1'], 'bread-flour', '1')))->toBe(['2 dry-cup-us-1-2'])
        ->and($fills($without(['dry-cup-us-1', 'dry-cup-us-1-2'], 'bread-flour', '1')))->toBe(['4 dry-cup-us-1-4'])
        ->and($fills($without([], 'bread-flour', '1')))->toBe(['1 dry-cup-us-1'])
        ->and($without(['dry-cup-us-1-4', 'dry-cup-us-1-2', 'spoon-us-1-tbsp'], 'bread-flour', '1/4'))->toBeNull() // nothing exact is left
        ->and($without(['liquid-measure-us-1-cup'], 'whole-milk', '1/2'))->toBeNull(); // a spoon has no line to read: other steps
});

it('never offers what lies on the floor, and gives the amount exactly, over drawers and amounts by chance', function () use ($us, $drawer) {
    $pantry = Pantry::reference();
    $owned = [
        'dry-cup-us-1', 'dry-cup-us-1-2', 'dry-cup-us-1-3', 'dry-cup-us-1-4', 'spoon-us-1-tbsp', 'spoon-us-1-tsp',
        'spoon-us-1-2-tsp', 'liquid-measure-us-1-cup',
    ];
    $offered = 0;
    foreach (['bread-flour', 'light-brown-sugar', 'rolled-oats', 'honey', 'whole-milk', 'table-salt'] as $id) {
        foreach (['1/4', '1/3', '1/2', '2/3', '3/4', '1', '1 1/2', '2'] as $amount) {
            foreach (range(1, 6) as $seed) {
                $random = new Randomizer(new Mt19937($seed));
                $has = $random->pickArrayKeys(array_flip($owned), $random->getInt(3, count($owned)));
                $planner = new LinePlanner($pantry, $drawer(...$has), $us, ToleranceLevel::Practised);
                $kitchen = new FrozenKitchen($drawer(...$has), [], HouseRules::usual(), [], [], []);
                $plan = $planner->plan($pantry->ingredient($id), Amount::of($amount, Unit::Cup), Strictness::Structural);
                $used = array_map(fn (Fill $fill) => $fill->tool->id, $plan->plans->best()->fills ?? []);
                $out = array_slice($used, 0, 1);
                $other = $kitchen->instead(FrozenLine::of($plan, 1, null, [], false, []), $out);
                if ($other === null || $out === []) {
                    continue;
                }
                $offered++;
                $ml = array_sum(
                    array_map(fn (Fill $fill) => $fill->toMark?->ml->toFloat()
                            ?? $fill->count * $fill->tool->nominalMl->toFloat(), $other->fills),
                );
                expect(array_intersect($out, array_map(fn (Fill $fill) => $fill->tool->id, $other->fills)))->toBe([])
                    ->and($ml)->toEqualWithDelta(Amount::of($amount, Unit::Cup)->inBase($us)->toFloat(), 0.01);
            }
        }
    }
    expect($offered)->toBeGreaterThan(40);
});

it('says that many fills are many from as many on as the class settled', function () use ($us) {
    $flour = Pantry::reference()->ingredient('bread-flour');
    foreach ([['4', '1 1/4', true], ['6', '1 1/4', false], ['6', '1 3/4', true], ['8', '1 3/4', false], ['12', '3', false], ['8', '3', true]] as $case) {
        [$most, $cups, $isMany] = $case;
        $plans = (new ToolPlanner(Pantry::reference(), HouseRules::of(['most-fills' => $most])))->plan(
            Amount::of($cups, Unit::Cup), $flour, drawerOf('dry-cup-us-1-4'), $us,
        );
        expect(in_array(Advice::ManyFills, $plans->advice, true))->toBe($isMany, "$most $cups");
    }
});

it('clears what falls off as the class does it with that family', function () {
    $clears = fn (array $answers, Family $family): Step => HouseRules::of($answers)->clears($family);
    expect($clears([], Family::FinePowder))->toBe(Step::ReturnExcess)
        ->and($clears(['surplus' => 'discard'], Family::GranularSugar))->toBe(Step::DiscardExcess)
        ->and($clears(['surplus' => 'discard', 'surplus-sugar' => 'return'], Family::GranularSugar))->toBe(Step::ReturnExcess)
        ->and($clears(['surplus' => 'discard', 'surplus-sugar' => 'return'], Family::FinePowder))->toBe(Step::DiscardExcess)
        ->and($clears(['surplus-grain' => 'discard'], Family::CoarseGrain))->toBe(Step::DiscardExcess)
        ->and($clears(['surplus-grain' => 'discard'], Family::MoistSugar))->toBe(Step::ReturnExcess);
    $planner = new ToolPlanner(Pantry::reference(), HouseRules::of(['surplus-grain' => 'discard']));
    $steps = fn (string $food): array => $planner->plan(
        Amount::of('1', Unit::Cup), Pantry::reference()->ingredient($food), drawerOf('dry-cup-us-1'), MeasureStandard::UsCustomary,
    )->technique->steps;
    expect($steps('rolled-oats'))->toContain(Step::DiscardExcess)->and($steps('bread-flour'))->toContain(Step::ReturnExcess);
});
