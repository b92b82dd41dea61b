<?php

declare(strict_types=1);

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Lab\FrozenKitchen;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\OtherWay;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Practice\Boxes;
use Hovik\Core\Practice\Readiness;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\ToleranceLevel;

const OWNED = ['dry-cup-us-1', 'dry-cup-us-1-2', 'dry-cup-us-1-4', 'spoon-us-1-tbsp', 'spoon-us-1-tsp', 'liquid-measure-us-1-cup'];

/** @return array{FrozenKitchen, FrozenLine} */
function frozenIn(array $owned, string $food, string $amount, Unit $unit, ?HouseRules $rules = null): array
{
    $drawer = drawerOf(...$owned);
    $pantry = Pantry::reference();
    $planner = new LinePlanner($pantry, $drawer, MeasureStandard::UsCustomary, ToleranceLevel::Practised, $rules);
    $plan = $planner->plan($pantry->ingredient($food), Amount::of($amount, $unit), Strictness::Structural);

    return [new FrozenKitchen($drawer, [], $rules ?? HouseRules::usual(), [], [], []), FrozenLine::of($plan, 1, null, [], false, [])];
}

it('weighs out what others measure: the same target, the care of the scale, no tools', function (string $food, string $amount, Unit $unit) {
    [$kitchen, $line] = frozenIn(OWNED, $food, $amount, $unit);
    $out = $kitchen->by($line, OtherWay::WeighOut);
    expect($out->isWeighedOut())->toBeTrue()->and($out->fills())->toBe([])->and($out->steps())->toBe(Step::WEIGHING_OUT)
        ->and($out->target)->toEqual($line->target)->and($out->expectedG())->toBeNull()
        ->and($line->isWeighedOut())->toBeFalse(); // everybody else's is untouched
})->with([
    ['bread-flour', '1 3/4', Unit::Cup], ['table-salt', '1', Unit::Teaspoon], ['honey', '1/2', Unit::Cup], ['whole-milk', '3/4', Unit::Cup],
]);

it('reads a jug from above where there is one, trusted or not, and only in the place of one that is bent for', function () {
    [$kitchen, $line] = frozenIn([...OWNED, 'top-read-us-1-cup'], 'whole-milk', '3/4', Unit::Cup);
    $above = $kitchen->by($line, OtherWay::TopRead);
    expect($line->fills()[0]->tool->kind)->toBe(ToolKind::LiquidMeasure)
        ->and(array_map(fn (Fill $fill) => [$fill->tool->kind, $fill->toMark?->text], $above->fills()))
        ->toBe([[ToolKind::TopReadLiquidMeasure, '3/4 cup']])
        ->and($above->steps())->toContain(Step::ReadAbove)->not->toContain(Step::EyeLevel)
        ->and($above->way()->technique->watch)->toBeNull()
        ->and($above->target)->toEqual($line->target)->and($above->expectedG())->toEqualWithDelta($line->target->grams, 4.0);
    [$without, $milk] = frozenIn(OWNED, 'whole-milk', '3/4', Unit::Cup);
    [$with, $flour] = frozenIn([...OWNED, 'top-read-us-1-cup'], 'bread-flour', '1', Unit::Cup);
    [$small, $vanilla] = frozenIn([...OWNED, 'top-read-us-1-cup'], 'whole-milk', '2', Unit::Teaspoon);
    expect($without->by($milk, OtherWay::TopRead))->toBeNull()->and($with->by($flour, OtherWay::TopRead))->toBeNull()
        ->and($small->by($vanilla, OtherWay::TopRead))->toBeNull();
});

it('leaves a partner the very same line, and eggs and weighed-out lines to everybody as they are', function () {
    [$kitchen, $line] = frozenIn(OWNED, 'bread-flour', '1', Unit::Cup);
    expect($kitchen->by($line, OtherWay::Partner))->toEqual($line)->and($kitchen->by($line, OtherWay::LargePrint))->toBeNull();
    foreach ([['egg-large', '2', Unit::Piece], ['bread-flour', '200', Unit::Gram]] as [$food, $amount, $unit]) {
        [$kitchen, $line] = frozenIn([...OWNED, 'top-read-us-1-cup'], $food, $amount, $unit);
        foreach (OtherWay::cases() as $way) {
            expect($kitchen->by($line, $way))->toBeNull();
        }
    }
});

it('asks nobody to show what they need not do', function () {
    $all = [Aim::skill(Skill::WorkScale), Aim::skill(Skill::ReadJug), Aim::skill(Skill::JugColumn), Aim::skill(Skill::PickCup)];
    $left = fn (OtherWay ...$ways) => array_map(fn (Aim $aim) => $aim->skill, Readiness::sparing($all, $ways));
    expect($left())->toBe([Skill::WorkScale, Skill::ReadJug, Skill::JugColumn, Skill::PickCup])
        ->and($left(OtherWay::LargePrint))->toBe($left())
        ->and($left(OtherWay::TopRead))->toBe([Skill::WorkScale, Skill::JugColumn, Skill::PickCup])
        ->and($left(OtherWay::Partner))->toBe([Skill::WorkScale, Skill::PickCup])
        ->and($left(OtherWay::TopRead, OtherWay::WeighOut))->toBe([Skill::WorkScale, Skill::PickCup])
        ->and(Readiness::isReady(Readiness::sparing([Aim::skill(Skill::ReadJug)], [OtherWay::TopRead]), Boxes::after([])))->toBeTrue();
});
