<?php

declare(strict_types=1);

use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Practice\Answered;
use Hovik\Core\Practice\Boxes;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Readiness;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\ToleranceLevel;

$said = fn (Skill $skill, bool $isRight, int $day = 1, ?Family $family = null) => new Answered($skill, $family, $isRight, $day);
$all = Skill::cases();

it('begins with the first skill, and meets a new one with every other question', function () use ($said, $all) {
    expect(Boxes::after([])->next($all, 1))->toBe(['skill' => $all[0], 'family' => null, 'level' => 1]);
    $answers = [];
    for ($i = 0; $i < 40; $i++) {
        $answers[] = $said(Boxes::after($answers)->next($all, 1)['skill'], true);
    }
    expect(array_unique(array_map(fn (Answered $one) => $one->skill->value, $answers)))->toHaveCount(count($all));
});

it('puts a right answer one box on, and a wrong one back into the first', function () use ($said) {
    $skill = Skill::ReadJug;
    expect(Boxes::after([])->box($skill))->toBeNull()
        ->and(Boxes::after([$said($skill, true)])->box($skill))->toBe(1)
        ->and(Boxes::after([$said($skill, true), $said($skill, true, 2)])->box($skill))->toBe(2)
        ->and(Boxes::after([$said($skill, true), $said($skill, true, 2)])->hasShown($skill))->toBeTrue()
        ->and(Boxes::after([$said($skill, true), $said($skill, true, 2), $said($skill, false, 4)])->box($skill))->toBe(0)
        ->and(Boxes::after([$said($skill, true), $said($skill, false)])->hasShown($skill))->toBeFalse();
});

it('counts a skill as shown only where all its families are', function () use ($said) {
    $answers = [$said(Skill::OrderSteps, true, 1, Family::FinePowder), $said(Skill::OrderSteps, true, 2, Family::FinePowder), $said(Skill::OrderSteps, false, 2, Family::ThinLiquid)];
    expect(Boxes::after($answers)->hasShown(Skill::OrderSteps))->toBeFalse();
});

it('brings a slip back soon, with the same food, but not at once', function () use ($said) {
    $skills = [Skill::OrderSteps, Skill::Convert, Skill::SpotMug];
    $answers = [$said(Skill::OrderSteps, false, 1, Family::FinePowder), $said(Skill::Convert, true), $said(Skill::SpotMug, true)];
    expect(Boxes::after($answers)->next($skills, 1))->toBe(['skill' => Skill::OrderSteps, 'family' => Family::FinePowder, 'level' => 1]);
    expect(Boxes::after([$said(Skill::OrderSteps, false, 1, Family::FinePowder)])->next([Skill::OrderSteps, Skill::Convert], 1)['skill'])->toBe(Skill::Convert);
});

it('lets a run of wrong answers about one food come back until it is right', function () use ($said) {
    $skills = [Skill::SpotStep, Skill::Convert, Skill::SpotMug, Skill::PickCup];
    $answers = array_map(fn (Skill $skill) => $said($skill, $skill !== Skill::SpotStep, 1, $skill === Skill::SpotStep ? Family::FinePowder : null), $skills);
    $times = 0;
    for ($i = 0; $i < 24; $i++) {
        $next = Boxes::after($answers)->next($skills, 1);
        $isIt = $next['skill'] === Skill::SpotStep;
        $times += (int) $isIt;
        $answers[] = $said($next['skill'], ! $isIt || $times > 4, 1, $next['family']);
    }
    // Four slips, each back after a breather; then right. Later only what has waited longest comes again.
    expect($times)->toBeGreaterThanOrEqual(5)->toBeLessThanOrEqual(8)
        ->and(array_map(fn (Answered $one) => $one->skill, array_slice($answers, 4, 12)))->toContain(Skill::SpotStep);
});

it('comes back on its day, and not the day before', function (int $box, int $days) use ($said) {
    // The jug is in this box; the mug was met before it and comes only when nothing is due.
    $mug = [$said(Skill::SpotMug, true, 1), ...array_fill(0, 4, $said(Skill::SpotMug, true, 1))];
    $jug = array_fill(0, $box, $said(Skill::ReadJug, true, 1));
    $next = fn (int $day) => Boxes::after([...$mug, ...$jug])->next([Skill::ReadJug, Skill::SpotMug], $day)['skill'];
    expect(Boxes::after($jug)->box(Skill::ReadJug))->toBe($box)
        ->and($next(1 + $days))->toBe(Skill::ReadJug)
        ->and($next($days))->toBe(Skill::SpotMug);
})->with([[1, 1], [2, 2], [3, 4], [4, 8]]);

it('gets harder with the box', function () use ($said) {
    $level = fn (int $rights) => Boxes::after(array_fill(0, $rights, $said(Skill::ReadJug, true, 1)))->next([Skill::ReadJug], 40)['level'];
    expect(array_map($level, [1, 2, 3, 5]))->toBe([2, 2, 3, 3])
        ->and(Boxes::after([$said(Skill::ReadJug, false, 1)])->next([Skill::ReadJug], 40)['level'])->toBe(1);
});

it('never asks the same skill twice running where another is due', function () use ($said, $all) {
    $answers = [];
    for ($i = 0; $i < 120; $i++) {
        $next = Boxes::after($answers)->next($all, 1 + intdiv($i, 30));
        $answers[] = $said($next['skill'], $i % 4 !== 0, 1 + intdiv($i, 30), $next['family']);
    }
    $twice = 0;
    foreach (array_slice($answers, 1) as $i => $one) {
        $twice += (int) ($one->skill === $answers[$i]->skill);
    }
    expect($twice)->toBeLessThan(4);
});

it('asks about the food that is asked for, where a question can be about it', function () {
    for ($seed = 0; $seed < 60; $seed++) {
        expect(Quiz::question(Skill::OrderSteps, $seed, Setting::of(1, about: Family::FinePowder))->family)->toBe(Family::FinePowder)
            ->and(Quiz::question(Skill::SpotStep, $seed, Setting::of(1, about: Family::ViscousLiquid))->family)->toBe(Family::ViscousLiquid);
    }
});

it('is ready when every skill that is needed has been shown, and not before', function () use ($said) {
    $twice = fn (Skill $skill) => [$said($skill, true, 1), $said($skill, true, 2)];
    $needed = [Skill::ReadJug, Skill::WorkScale];
    expect(Readiness::isReady($needed, Boxes::after($twice(Skill::ReadJug))))->toBeFalse()
        ->and(Readiness::isReady($needed, Boxes::after([...$twice(Skill::ReadJug), ...$twice(Skill::WorkScale)])))->toBeTrue()
        ->and(Readiness::isReady($needed, Boxes::after([...$twice(Skill::ReadJug), ...$twice(Skill::WorkScale), $said(Skill::ReadJug, false, 3)])))->toBeFalse()
        ->and(Readiness::isReady([], Boxes::after([])))->toBeTrue();
});

it('asks of a line what its tools ask for', function () {
    $us = MeasureStandard::UsCustomary;
    $drawer = array_map(fn (string $id) => ToolCatalogue::tool($id, $us), ['dry-cup-us-1', 'dry-cup-us-1-4', 'liquid-measure-us-1-cup', 'spoon-us-1-tsp']);
    $planner = new LinePlanner(Pantry::reference(), $drawer, $us, ToleranceLevel::Practised);
    $line = fn (string $id, string $number, Unit $unit) => $planner->plan(Pantry::reference()->ingredient($id), Amount::of($number, $unit), Strictness::Structural);
    $ids = fn (array $lines, bool $scaled = false) => array_map(fn (Skill $skill) => $skill->value, Readiness::needs($lines, $scaled));
    expect($ids([]))->toBe([])
        ->and($ids([$line('whole-milk', '1', Unit::Cup)]))->toBe(['order-steps', 'read-jug', 'jug-column', 'work-scale'])
        ->and($ids([$line('bread-flour', '1', Unit::Cup)], true))->toBe(['choose-tools', 'order-steps', 'pick-cup', 'scale-recipe', 'work-scale'])
        ->and($ids([$line('bread-flour', '1 1/4', Unit::Cup)]))->toContain('combine-tools')
        ->and($ids([$line('egg-large', '2', Unit::Piece)]))->toBe(['work-scale']);
});
