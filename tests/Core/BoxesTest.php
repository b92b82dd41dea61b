<?php

declare(strict_types=1);

use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Practice\Answered;
use Hovik\Core\Practice\Boxes;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Readiness;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Safety\LabSafety;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\ToleranceLevel;

$said = fn (
    Skill $skill, bool $isRight, int $day = 1, Family|SafetyPoint|null $family = null,
) => new Answered($skill, $family, $isRight, $day);
$all = Aim::all();
$aims = fn (Skill ...$skills) => array_map(Aim::skill(...), $skills);

it('begins with the first skill, and meets a new one with every other question', function () use ($said, $all) {
    expect(Boxes::after([])->next($all, 1))->toBe(['skill' => $all[0]->skill, 'about' => null, 'level' => 1]);
    $answers = [];
    for ($i = 0; $i < 62; $i++) {
        $next = Boxes::after($answers)->next($all, 1);
        $answers[] = $said($next['skill'], true, 1, $next['about']);
    }
    expect(array_filter($all, fn (Aim $aim) => Boxes::after($answers)->box($aim) === null))->toBe([]);
});

it('puts a right answer one box on, and a wrong one back into the first', function () use ($said) {
    $skill = Skill::ReadJug;
    expect(Boxes::after([])->box(Aim::skill($skill)))->toBeNull()
        ->and(Boxes::after([$said($skill, true)])->box(Aim::skill($skill)))->toBe(1)
        ->and(Boxes::after([$said($skill, true), $said($skill, true, 2)])->box(Aim::skill($skill)))->toBe(2)
        ->and(Boxes::after([$said($skill, true), $said($skill, true, 2)])->hasShown(Aim::skill($skill)))->toBeTrue()
        ->and(Boxes::after([$said($skill, true), $said($skill, true, 2), $said($skill, false, 4)])->box(Aim::skill($skill)))->toBe(0)
        ->and(Boxes::after([$said($skill, true), $said($skill, false)])->hasShown(Aim::skill($skill)))->toBeFalse();
});

it('counts a skill as shown only where all its families are', function () use ($said) {
    $answers = [
        $said(Skill::OrderSteps, true, 1, Family::FinePowder), $said(Skill::OrderSteps, true, 2, Family::FinePowder),
        $said(Skill::OrderSteps, false, 2, Family::ThinLiquid),
    ];
    expect(Boxes::after($answers)->hasShown(Aim::skill(Skill::OrderSteps)))->toBeFalse();
});

it('brings a slip back soon, with the same food, but not at once', function () use ($said, $aims) {
    $skills = [Skill::OrderSteps, Skill::Convert, Skill::SpotMug];
    $answers = [$said(Skill::OrderSteps, false, 1, Family::FinePowder), $said(Skill::Convert, true), $said(Skill::SpotMug, true)];
    expect(Boxes::after($answers)->next($aims(...$skills), 1))->toBe(
        ['skill' => Skill::OrderSteps, 'about' => Family::FinePowder, 'level' => 1],
    );
    expect(
        Boxes::after([$said(Skill::OrderSteps, false, 1, Family::FinePowder)])->next($aims(Skill::OrderSteps, Skill::Convert), 1)['skill'],
    )->toBe(Skill::Convert);
});

it('lets a run of wrong answers about one food come back until it is right', function () use ($said, $aims) {
    $skills = [Skill::SpotStep, Skill::Convert, Skill::SpotMug, Skill::PickCup];
    $answers = array_map(
        fn (Skill $skill) => $said($skill, $skill !== Skill::SpotStep, 1, $skill === Skill::SpotStep ? Family::FinePowder : null),
        $skills,
    );
    $times = 0;
    for ($i = 0; $i < 24; $i++) {
        $next = Boxes::after($answers)->next($aims(...$skills), 1);
        $isIt = $next['skill'] === Skill::SpotStep;
        $times += (int) $isIt;
        $answers[] = $said($next['skill'], ! $isIt || $times > 4, 1, $next['about']);
    }
    // Four slips, each back after a breather; then right. Later only what has waited longest comes again.
    expect($times)->toBeGreaterThanOrEqual(5)->toBeLessThanOrEqual(8)
        ->and(array_map(fn (Answered $one) => $one->skill, array_slice($answers, 4, 12)))->toContain(Skill::SpotStep);
});

it('comes back on its day, and not the day before', function (int $box, int $days) use ($said, $aims) {
    // The jug is in this box; the mug was met before it and comes only when nothing is due.
    $mug = [$said(Skill::SpotMug, true, 1), ...array_fill(0, 4, $said(Skill::SpotMug, true, 1))];
    $jug = array_fill(0, $box, $said(Skill::ReadJug, true, 1));
    $next = fn (int $day) => Boxes::after([...$mug, ...$jug])->next($aims(Skill::ReadJug, Skill::SpotMug), $day)['skill'];
    expect(Boxes::after($jug)->box(Aim::skill(Skill::ReadJug)))->toBe($box)
        ->and($next(1 + $days))->toBe(Skill::ReadJug)
        ->and($next($days))->toBe(Skill::SpotMug);
})->with([[1, 1], [2, 2], [3, 4], [4, 8]]);

it('gets harder with the box', function () use ($said, $aims) {
    $level = fn (int $rights) => Boxes::after(
        array_fill(0, $rights, $said(Skill::ReadJug, true, 1)),
    )->next($aims(Skill::ReadJug), 40)['level'];
    expect(array_map($level, [1, 2, 3, 5]))->toBe([2, 2, 3, 3])
        ->and(Boxes::after([$said(Skill::ReadJug, false, 1)])->next($aims(Skill::ReadJug), 40)['level'])->toBe(1);
});

it('never asks the same skill twice running where another is due', function () use ($said, $all) {
    $answers = [];
    for ($i = 0; $i < 120; $i++) {
        $next = Boxes::after($answers)->next($all, 1 + intdiv($i, 30));
        $answers[] = $said($next['skill'], $i % 4 !== 0, 1 + intdiv($i, 30), $next['about']);
    }
    $twice = 0;
    foreach (array_slice($answers, 1) as $i => $one) {
        $twice += (int) ($one->skill === $answers[$i]->skill);
    }
    expect($twice)->toBeLessThan(4);
});

it('asks about the food that is asked for, where a question can be about it', function () {
    for ($seed = 0; $seed < 60; $seed++) {
        expect(Quiz::question(Skill::OrderSteps, $seed, Setting::of(1, about: Family::FinePowder))->about)->toBe(Family::FinePowder)
            ->and(Quiz::question(Skill::SpotStep, $seed, Setting::of(1, about: Family::ViscousLiquid))->about)->toBe(Family::ViscousLiquid);
    }
});

it('is ready when every skill that is needed has been shown, and not before', function () use ($said, $aims) {
    $twice = fn (Skill $skill) => [$said($skill, true, 1), $said($skill, true, 2)];
    $needed = $aims(Skill::ReadJug, Skill::WorkScale);
    expect(Readiness::isReady($needed, Boxes::after($twice(Skill::ReadJug))))->toBeFalse()
        ->and(Readiness::isReady($needed, Boxes::after([...$twice(Skill::ReadJug), ...$twice(Skill::WorkScale)])))->toBeTrue()
        ->and(
            Readiness::isReady(
                $needed, Boxes::after([...$twice(Skill::ReadJug), ...$twice(Skill::WorkScale), $said(Skill::ReadJug, false, 3)]),
            ),
        )->toBeFalse()
        ->and(Readiness::isReady([], Boxes::after([])))->toBeTrue();
});

it('aims at a skill family by family, where the family matters', function () use ($said) {
    $met = [Family::Oil, Family::FinePowder, Family::Counted];
    $ids = array_map(fn (Aim $aim) => $aim->id(), Aim::allWith($met));
    expect($ids)->toContain('order-steps.oil', 'order-steps.fine-powder', 'order-steps.counted', 'choose-tools.oil', 'read-jug', 'oven')
        ->not->toContain('order-steps', 'choose-tools.counted', 'sweep-level.counted')
        ->and(count($ids))->toBe(count(array_unique($ids)))
        ->and(array_search('oven', $ids, true))->toBeLessThan(count(Aim::all())); // all skills once, before one comes again
    foreach (Aim::allWith($met) as $aim) {
        expect(Aim::named($aim->id()))->toEqual($aim);
    }
    foreach (['order-steps.soup', 'order-steps.shredded', 'read-jug.oil', 'keep-safe', 'keep-safe.oil', 'soup', ''] as $id) {
        expect(fn () => Aim::named($id))->toThrow(InvalidInput::class);
    }
    $twice = [$said(Skill::OrderSteps, true, 0, Family::Oil), $said(Skill::OrderSteps, true, 0, Family::Oil)];
    $boxes = Boxes::after($twice);
    expect($boxes->hasShown(Aim::skill(Skill::OrderSteps, Family::Oil)))->toBeTrue()
        ->and($boxes->hasShown(Aim::skill(Skill::OrderSteps, Family::FinePowder)))->toBeFalse()
        ->and($boxes->next([Aim::skill(Skill::OrderSteps, Family::FinePowder)], 1)['about'])->toBe(Family::FinePowder)
        ->and(Aim::with(Skill::ReadJug, Family::Oil)->id())->toBe('read-jug');
});

it('asks of a line what its tools ask for', function () {
    $us = MeasureStandard::UsCustomary;
    $drawer = array_map(
        fn (string $id) => ToolCatalogue::tool($id, $us),
        ['dry-cup-us-1', 'dry-cup-us-1-4', 'liquid-measure-us-1-cup', 'spoon-us-1-tsp'],
    );
    $planner = new LinePlanner(Pantry::reference(), $drawer, $us, ToleranceLevel::Practised);
    $line = fn (string $id, string $number, Unit $unit) => $planner->plan(
        Pantry::reference()->ingredient($id), Amount::of($number, $unit), Strictness::Structural,
    );
    $ids = fn (array $lines, bool $scaled = false) => array_map(fn (Aim $aim) => $aim->id(), Readiness::needs($lines, $scaled));
    expect($ids([]))->toBe([])
        ->and($ids([$line('whole-milk', '1', Unit::Cup)]))->toBe(['order-steps.thin-liquid', 'read-jug', 'jug-column', 'work-scale'])
        ->and($ids([$line('bread-flour', '1', Unit::Cup)], true))->toBe(
            ['choose-tools.fine-powder', 'order-steps.fine-powder', 'pick-cup', 'scale-recipe', 'work-scale'],
        )
        ->and($ids([$line('bread-flour', '1 1/4', Unit::Cup)]))->toContain('combine-tools')
        ->and($ids([$line('egg-large', '2', Unit::Piece)]))->toBe(['work-scale']);
});

describe('safety points', function () use ($said, $aims) {
    it('are asked one by one, and come back one by one', function () use ($said) {
        $points = [Aim::point(SafetyPoint::RawEgg), Aim::point(SafetyPoint::Knives)];
        $answers = [$said(Skill::KeepSafe, true, 1, SafetyPoint::RawEgg), $said(Skill::KeepSafe, false, 1, SafetyPoint::Knives)];
        $boxes = Boxes::after($answers);
        expect($boxes->box($points[0]))->toBe(1)->and($boxes->box($points[1]))->toBe(0)
            ->and($boxes->next($points, 2))->toBe(['skill' => Skill::KeepSafe, 'about' => SafetyPoint::Knives, 'level' => 1])
            ->and(Boxes::after([])->next($points, 1)['about'])->toBe(SafetyPoint::RawEgg);
    });
    it('count for being ready', function () use ($said, $aims) {
        $needed = [...$aims(Skill::ReadJug), Aim::point(SafetyPoint::RawEgg)];
        $jug = [$said(Skill::ReadJug, true, 1), $said(Skill::ReadJug, true, 2)];
        $egg = [$said(Skill::KeepSafe, true, 1, SafetyPoint::RawEgg), $said(Skill::KeepSafe, true, 2, SafetyPoint::RawEgg)];
        expect(Readiness::isReady($needed, Boxes::after($jug)))->toBeFalse()
            ->and(Readiness::isReady($needed, Boxes::after([...$jug, ...$egg])))->toBeTrue();
    });
    it('are those that a lab\'s food, tools and directions ask for', function (array $line, array $directions, array $expected) {
        $us = MeasureStandard::UsCustomary;
        $drawer = array_map(
            fn (string $id) => ToolCatalogue::tool($id, $us), ['dry-cup-us-1', 'liquid-measure-us-1-cup', 'spoon-us-1-tsp'],
        );
        [$id, $number, $unit] = $line;
        $plan = (new LinePlanner(Pantry::reference(), $drawer, $us, ToleranceLevel::Practised))->plan(
            Pantry::reference()->ingredient($id), Amount::of($number, $unit), Strictness::Structural,
        );
        expect(
            array_map(fn (SafetyPoint $point) => $point->value, LabSafety::needs([$plan], $directions)),
        )->toBe(['hygiene', ...$expected]);
    })->with([
        'flour' => [['all-purpose-flour', '1', Unit::Cup], [], ['raw-flour', 'allergens', 'water-and-scales']],
        'milk' => [['whole-milk', '1', Unit::Cup], [], ['allergens', 'water-and-scales', 'broken-glass']],
        'eggs' => [['egg-large', '2', Unit::Piece], [], ['raw-egg', 'allergens', 'water-and-scales']],
        'sugar, baked' => [['granulated-sugar', '1', Unit::Cup], ['Heat the oven.', 'Bake until brown.'], ['water-and-scales', 'oven']],
        'sugar, boiled and sliced' => [
            ['granulated-sugar', '1', Unit::Cup], ['Boil it.', 'Slice when cold.'], ['knives', 'hot-liquids', 'water-and-scales'],
        ],
        'a sack of sugar' => [['granulated-sugar', '5', Unit::Kilogram], [], ['water-and-scales', 'lifting']],
    ]);
    it('are none for a lab without lines', function () {
        expect(LabSafety::needs([], ['Bake.']))->toBe([]);
    });
    it('are named as they are stored', function () {
        foreach (Aim::all() as $aim) {
            expect(Aim::named($aim->id())->id())->toBe($aim->id());
        }
        expect(
            fn () => Aim::named('keep-safe'),
        )->toThrow(InvalidInput::class)->and(fn () => Aim::named('juggle'))->toThrow(InvalidInput::class);
    });
});
