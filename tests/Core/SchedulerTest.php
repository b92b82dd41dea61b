<?php

declare(strict_types=1);

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Period\Fixed;
use Hovik\Core\Period\Period;
use Hovik\Core\Period\PeriodLine;
use Hovik\Core\Period\PeriodPlan;
use Hovik\Core\Period\PlannedTask;
use Hovik\Core\Period\Scheduler;
use Tests\Core\ChancePeriod;

/** Everything a plan must keep to, checked second by second where something changes. */
function complaints(PeriodPlan $plan): array
{
    $period = $plan->period;
    $found = [];
    $by = [];
    foreach ($plan->timeline as $task) {
        if ($task->startS < 0 || $task->endS < $task->startS || $task->endS > $plan->endS) {
            $found[] = 'outside of the period';
        }
        $by["$task->station $task->line $task->what"][] = $task;
    }
    foreach (range(0, $period->stations - 1) as $s) {
        foreach ($period->lines as $line) {
            [$measure] = $by["$s $line->id measure"] ?? [null];
            [$weigh] = $by["$s $line->id weigh"] ?? [null];
            if (
                $measure === null
                    || count($by["$s $line->id measure"]) !== 1
                    || $measure->endS - $measure->startS !== $line->measureS
                    || $measure->resources !== $line->needs
            ) {
                $found[] = "station $s does not measure $line->id";
            } elseif ($line->weighS > 0 && (
                $weigh === null
                    || count($by["$s $line->id weigh"]) !== 1
                    || $weigh->endS - $weigh->startS !== $line->weighS
                    || $weigh->startS < $measure->endS
                    || $weigh->resources !== $line->weighNeeds
            )) {
                $found[] = "station $s does not weigh $line->id after measuring it";
            }
            foreach ($period->lines as $dry) {
                $isShared = array_intersect($dry->needs, $line->needs) !== [];
                if (
                    $isShared
                        && $line->isWet()
                        && ! $dry->isWet()
                        && ($by["$s $dry->id measure"][0]->endS ?? 0) > ($measure?->startS ?? 0)
                ) {
                    $found[] = "station $s measures wet $line->id before dry $dry->id";
                }
            }
        }
        $done = max(
            array_map(static fn (PlannedTask $task): int => $task->station === $s
                    && $task->line !== null ? $task->endS : 0, $plan->timeline),
        );
        $check = $by["$s  check"][0] ?? null;
        if ($period->fixedS(Fixed::Check) > 0 && ($check === null || $check->startS < $done)) {
            $found[] = "station $s is checked before it is done";
        }
    }
    $isIn = static fn (PlannedTask $task, int $at): bool => $task->startS <= $at && $at < $task->endS;
    foreach (array_unique(array_map(static fn (PlannedTask $task): int => $task->startS, $plan->timeline)) as $at) {
        $now = array_filter($plan->timeline, static fn (PlannedTask $task): bool => $isIn($task, $at));
        foreach ($period->resources as $id => $count) {
            if (count(array_filter($now, static fn (PlannedTask $task): bool => in_array($id, $task->resources, true))) > $count) {
                $found[] = "more than $count of $id at $at s";
            }
        }
        foreach (range(0, $period->stations - 1) as $s) {
            if (
                count(array_filter($now, static fn (PlannedTask $task): bool => $task->station === $s
                        && $task->line !== null)) > $period->hands
            ) {
                $found[] = "station $s has too few hands at $at s";
            }
        }
        if (count(array_filter($now, static fn (PlannedTask $task): bool => $task->what === 'check')) > 1) {
            $found[] = "two checks at $at s";
        }
        $everybody = array_filter($now, static fn (PlannedTask $task): bool => $task->station === null);
        if (count($everybody) > 1 || ($everybody !== [] && count($now) > 1)) {
            $found[] = "something else during a block at $at s";
        }
    }

    return array_values(array_unique($found));
}

it('plans what can be done, near to what cannot be bettered', function () {
    $ratios = [];
    for ($seed = 1; $seed <= 80; $seed++) {
        $plan = Scheduler::plan(ChancePeriod::of($seed));
        expect(complaints($plan))->toBe([], "period $seed");
        expect($plan->endS)->toBeGreaterThanOrEqual($plan->lowerBoundS);
        $ratios[] = $plan->endS / $plan->lowerBoundS;
    }
    expect(array_sum($ratios) / count($ratios))->toBeLessThan(1.05);
})->group('slow');

it('knows an impossible plan when it sees one', function () {
    $plan = Scheduler::plan(ChancePeriod::of(3));
    $tasks = $plan->timeline;
    $weigh = array_values(array_filter($tasks, static fn (PlannedTask $task): bool => $task->what === 'weigh'))[0];
    $early = new PlannedTask($weigh->station, $weigh->line, 'weigh', 0, $weigh->endS - $weigh->startS, $weigh->resources);
    $wrong = new PeriodPlan(
        $plan->period, array_map(static fn (PlannedTask $task): PlannedTask => $task === $weigh ? $early : $task, $tasks),
        $plan->endS, $plan->lowerBoundS, null, [],
    );
    expect(complaints($wrong))->not->toBe([]);
    $short = new PeriodPlan($plan->period, array_slice($tasks, 0, -8), $plan->endS, $plan->lowerBoundS, null, []);
    expect(complaints($short))->not->toBe([]);
});

it('finds the one plan there is', function () {
    // One station, one pair of hands: everything in turn.
    $line = fn (string $id, Family $family, array $needs = []) => new PeriodLine($id, $family, $needs, ['scale'], 90, 30);
    $alone = Scheduler::plan(Period::of(47, 1, 1, [$line('flour', Family::FinePowder), $line('milk', Family::ThinLiquid)], ['scale' => 1]));
    expect($alone->endS)->toBe(240)->and($alone->lowerBoundS)->toBe(240)
        ->and($alone->bottleneck)->toBe(PeriodPlan::HANDS)->and($alone->orderOf(0))->toHaveCount(2);
    // Two stations, one cup: the second waits, unless there is one more.
    $cup = Scheduler::plan(Period::of(47, 2, 2, [$line('flour', Family::FinePowder, ['cup'])], ['scale' => 2, 'cup' => 1]));
    expect($cup->endS)->toBe(210)->and($cup->bottleneck)->toBe('cup')->and($cup->oneMoreSavesS)->toBe(['scale' => 0, 'cup' => 90]);
});

it('lets dry food use a shared tool before wet food', function () {
    $plan = Scheduler::plan(
        Period::of(
            47, 3, 2,
            [new PeriodLine('oil', Family::Oil, ['spoon'], [], 75, 0), new PeriodLine('salt', Family::LeavenerSpice, ['spoon'], [], 45, 0)],
            ['spoon' => 2],
        ),
    );
    foreach ([0, 1, 2] as $station) {
        expect($plan->orderOf($station))->toBe(['salt', 'oil']);
    }
});

it('lets stations begin with different things where they share one', function () {
    $lines = array_map(
        fn (int $i) => new PeriodLine("l$i", Family::FinePowder, $i === 0 ? ['brown-sugar'] : [], ['scale'], 90, 30), range(0, 5),
    );
    $plan = Scheduler::plan(Period::of(47, 6, 2, $lines, ['scale' => 3, 'brown-sugar' => 1]));
    $firsts = array_map(fn (int $s) => $plan->orderOf($s)[0], range(0, 5));
    expect(count(array_unique($firsts)))->toBeGreaterThan(1)->and(complaints($plan))->toBe([]);
});

it('says whether it fits, by how much, and what everybody does now', function () {
    $lines = [new PeriodLine('flour', Family::FinePowder, [], ['scale'], 90, 30)];
    $fixed = ['set-up' => 300, 'check' => 60, 'clean-up' => 420];
    $plan = Scheduler::plan(Period::of(20, 1, 2, $lines, ['scale' => 1], $fixed));
    expect($plan->endS)->toBe(300 + 120 + 60 + 420)->and($plan->fits())->toBeTrue()->and($plan->spareS())->toBe(300)
        ->and($plan->at(0, 10)[0]->what)->toBe('set-up')->and($plan->at(0, 310)[0]->line)->toBe('flour')
        ->and($plan->at(0, 430)[0]->what)->toBe('check')->and($plan->at(0, 899)[0]->what)
        ->toBe('clean-up')->and($plan->at(0, 900))->toBe([]);
    expect(Scheduler::plan(Period::of(10, 1, 2, $lines, ['scale' => 1], $fixed))->fits())->toBeFalse();
});

it('knows how long each waits for a scale and for the teacher, and who waits longest', function () {
    $line = static fn (string $id): PeriodLine => new PeriodLine($id, Family::FinePowder, [], ['scale'], 90, 30);
    $plan = Scheduler::plan(Period::of(47, 3, 2, [$line('flour'), $line('oats')], ['scale' => 1], [Fixed::Check->value => 60]));
    $waited = [];
    foreach ($plan->timeline as $task) {
        $waited[$task->what][] = $plan->waitedS($task);
    }
    // Six cups are full at once and weighed one after the other.
    expect($waited['measure'])->toBe([0, 0, 0, 0, 0, 0])->and($waited['weigh'])->toBe([0, 30, 60, 90, 120, 150])
        ->and($plan->longestWaitS('scale'))->toBe(150)->and(min($waited['check']))->toBeGreaterThanOrEqual(0)
        ->and($plan->longestWaitS(Period::TEACHER))->toBe(max($waited['check']))
        ->and($plan->longestWaitS('nothing'))->toBe(0)->and([PeriodPlan::isLongWait(60), PeriodPlan::isLongWait(61)])->toBe([false, true]);
    foreach (range(1, 8) as $seed) {
        $chance = Scheduler::plan(ChancePeriod::of($seed));
        foreach ($chance->timeline as $task) {
            expect($chance->waitedS($task))->toBeGreaterThanOrEqual(0);
        }
    }
});

it('gives the same plan for the same lab', function () {
    expect(Scheduler::plan(ChancePeriod::of(9))->timeline)->toEqual(Scheduler::plan(ChancePeriod::of(9))->timeline);
})->group('slow');

it('plans nothing for no lines', function () {
    $plan = Scheduler::plan(Period::of(47, 4, 2, [], ['scale' => 1], ['clean-up' => 420]));
    expect($plan->endS)->toBe(420)->and($plan->bottleneck)->toBeNull();
});

it('refuses what makes no period', function (callable $make) {
    expect($make)->toThrow(InvalidInput::class);
})->with([
    'no station' => [fn () => Period::of(47, 0, 2, [], [])], 'a crowd' => [fn () => Period::of(47, 99, 2, [], [])],
    'no hands' => [fn () => Period::of(47, 2, 0, [], [])],
    'none of a thing' => [fn () => Period::of(47, 2, 2, [], ['scale' => 0])],
    'a thing there is not' => [fn () => Period::of(47, 2, 2, [new PeriodLine('a', Family::Oil, ['jug'], [], 60)], [])],
    'a line twice' => [
        fn () => Period::of(47, 2, 2, [new PeriodLine('a', Family::Oil, [], [], 60), new PeriodLine('a', Family::Oil, [], [], 60)], []),
    ],
    'no time' => [fn () => new PeriodLine('a', Family::Oil, [], [], 0)],
    'endless' => [fn () => new PeriodLine('a', Family::Oil, [], [], 60, 9999)],
]);

it('is there before anybody waits', function () {
    $lines = array_map(
        fn (int $i) => new PeriodLine("l$i", Family::cases()[$i], $i % 3 === 0 ? ['sugar'] : [], ['scale'], 90, 30), range(0, 11),
    );
    $from = hrtime(true);
    Scheduler::plan(Period::of(47, 8, 2, $lines, ['scale' => 3, 'sugar' => 2]));
    expect((hrtime(true) - $from) / 1e6)->toBeLessThan(1000.0); // measured properly by the bench: under 300 ms
})->group('slow');

it('learns from enough weigh-ins, by their median, within reason', function (array $gaps, int $expected) {
    expect(Hovik\Core\Period\LearnedTimes::measureS(Family::FinePowder, $gaps, 2))->toBe($expected);
})->with([
    'too few' => [[100.0, 100.0, 100.0, 100.0], 90], 'five alike' => [[70.0, 70.0, 70.0, 70.0, 70.0], 110],
    'a long pause is none' => [[70.0, 70.0, 70.0, 70.0, 70.0, 5000.0], 110],
    'an even number' => [[60.0, 60.0, 60.0, 80.0, 80.0, 80.0], 110], 'very slow' => [array_fill(0, 9, 500.0), 180],
    'very quick' => [array_fill(0, 9, 5.0), 45],
]);

it('tells what a line takes a class, once enough is known', function () {
    $aLine = fn (array $gaps): ?int => Hovik\Core\Period\LearnedTimes::aLineS($gaps, 2);
    expect($aLine([40.0, 40.0, 40.0, 40.0]))->toBeNull()->and($aLine([]))->toBeNull()
        ->and($aLine([40.0, 38.0, 42.0, 39.0, 900.0, 41.0]))->toBe(80) // a long pause is none
        ->and($aLine([30.0, 30.0, 30.0, 50.0, 50.0, 50.0]))->toBe(80);
});

it('names the teacher when the checks are the queue', function () {
    $lines = [new PeriodLine('salt', Family::LeavenerSpice, [], [], 60, 0)];
    $plan = Scheduler::plan(Period::of(47, 12, 2, $lines, ['spoon' => 12], [Fixed::Check->value => 120]));
    expect($plan->endS)->toBe(60 + 12 * 120)->and($plan->bottleneck)->toBe(Period::TEACHER)
        ->and($plan->oneMoreSavesS[Period::TEACHER])->toBe(6 * 120);
    $alone = Scheduler::plan(Period::of(47, 1, 2, $lines, ['spoon' => 1], [Fixed::Check->value => 120]));
    expect($alone->bottleneck)->toBe(PeriodPlan::HANDS)->and($alone->oneMoreSavesS)->not->toHaveKey(Period::TEACHER);
});

it('counts a thing that a line needs twice, and refuses more than there are', function () {
    $line = fn (string ...$needs): array => [new PeriodLine('a', Family::FinePowder, array_values($needs), [], 90, 0)];
    $two = Scheduler::plan(Period::of(47, 2, 2, $line('cup', 'cup'), ['cup' => 2], []));
    expect($two->endS)->toBe(180)->and($two->lowerBoundS)->toBe(180); // one station after the other, where each holds both
    expect(Scheduler::plan(Period::of(47, 2, 2, $line('cup', 'cup'), ['cup' => 4], []))->endS)->toBe(90);
    try {
        Period::of(47, 2, 2, $line('cup', 'cup'), ['cup' => 1], []);
        expect(false)->toBeTrue('it was taken');
    } catch (InvalidInput $problem) {
        expect($problem->field)->toBe('lines.0.needs');
    }
});

it('is near to plans that nobody can better: small periods solved exactly by periods/solve.py', function () {
    $over = [];
    $cases = json_decode((string) file_get_contents(__DIR__.'/periods/exact.json'), true, 32, JSON_THROW_ON_ERROR);
    foreach ($cases as $i => $case) {
        $lines = array_map(static fn (array $line): PeriodLine => new PeriodLine(
            $line['id'], Family::from($line['family']), $line['needs'], $line['weigh_needs'], $line['seconds_measure'], $line['seconds_weigh'],
        ), $case['lines']);
        $period = Period::of(47, $case['stations'], $case['hands'], $lines, $case['resources'], [Fixed::Check->value => $case['check']]);
        $plan = Scheduler::plan($period);
        expect(complaints($plan))->toBe([], "case $i")->and($plan->endS)->toBeGreaterThanOrEqual($case['optimum_s'], "case $i")
            ->and($plan->lowerBoundS)->toBeLessThanOrEqual($case['optimum_s'], "case $i");
        $over[] = $plan->endS / $case['optimum_s'] - 1;
    }
    expect($over)->toHaveCount(30)->and(max($over))->toBeLessThanOrEqual(0.15)->and(array_sum($over) / 30)->toBeLessThanOrEqual(0.05);
});
