<?php

declare(strict_types=1);

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Period\Fixed;
use Hovik\Core\Period\Period;
use Hovik\Core\Period\PeriodLine;
use Hovik\Core\Period\PeriodPlan;
use Hovik\Core\Period\PlannedTask;
use Hovik\Core\Period\Scheduler;
use Hovik\Core\Period\Storage;
use Hovik\Core\Period\TwoPeriods;

it('says what is done with a measured food until the next period', function (string $food, Storage $how) {
    expect(Storage::of(Pantry::reference()->ingredient($food)))->toBe($how);
})->with([
    ['bread-flour', Storage::Covered], ['light-brown-sugar', Storage::Covered], ['baking-powder', Storage::Covered],
    ['honey', Storage::Covered], ['vegetable-oil', Storage::Covered], ['chocolate-chips', Storage::Covered],
    ['whole-milk', Storage::Cold], ['yogurt-plain', Storage::Cold], ['butter', Storage::Cold],
    ['coconut-shredded', Storage::Covered], ['egg-large', Storage::Fresh],
]);

it('measures every line once, in the period that it is for, with the blocks of that period', function () {
    $lines = array_map(
        fn (int $i) => new PeriodLine("l$i", Family::cases()[$i], $i === 0 ? ['sugar'] : [], ['scale'], 90, 30), range(0, 5),
    );
    $fixed = array_map(fn (Fixed $block) => $block->usualS(), array_combine(array_column(Fixed::cases(), 'value'), Fixed::cases()));
    $whole = Period::of(47, 4, 2, $lines, ['scale' => 2, 'sugar' => 1], $fixed);
    foreach ([[], ['l1', 'l4'], ['l0', 'l1', 'l2', 'l3', 'l4', 'l5'], ['nobody']] as $later) {
        $two = TwoPeriods::of($whole, $later);
        $measured = fn (PeriodPlan $plan): array => array_values(array_unique(array_map(
            fn (PlannedTask $task) => $task->line, array_filter($plan->timeline, fn (PlannedTask $task) => $task->what === 'measure'),
        )));
        $known = array_values(array_intersect(['l0', 'l1', 'l2', 'l3', 'l4', 'l5'], $later));
        expect($measured($two->second))->toEqualCanonicalizing($known)
            ->and($measured($two->first))->toEqualCanonicalizing(array_diff(['l0', 'l1', 'l2', 'l3', 'l4', 'l5'], $known));
        foreach ([$two->first, $two->second] as $plan) {
            expect($plan->endS)->toBeGreaterThanOrEqual($plan->lowerBoundS)
                ->and(max(array_map(fn (PlannedTask $task) => $task->endS, $plan->timeline)))->toBe($plan->endS);
        }
        $blocks = fn (PeriodPlan $plan) => array_unique(array_map(fn (PlannedTask $task) => $task->what, $plan->timeline));
        expect($blocks($two->first))->toContain('put-away')->not->toContain('mixing')->not->toContain('check')
            ->and($blocks($two->second))->toContain('mixing', 'check')->not->toContain('put-away')->not->toContain('demonstration');
        // What is put off leaves the first period shorter, and never longer.
        expect($two->first->endS)->toBeLessThanOrEqual(TwoPeriods::of($whole, [])->first->endS);
    }
});

it('puts away at each station, once it is done, before everybody cleans up', function () {
    $plan = Scheduler::plan(Period::of(
        47, 2, 2, [new PeriodLine('salt', Family::LeavenerSpice, [], [], 60, 0)], [],
        [Fixed::PutAway->value => 120, Fixed::CleanUp->value => 300],
    ));
    expect($plan->endS)->toBe(60 + 120 + 300)->and($plan->lowerBoundS)->toBe(480)
        ->and(array_map(fn (PlannedTask $task) => [$task->what, $task->startS, $task->endS], $plan->at(0, 60)))->toBe([['put-away', 60, 180]]);
});
