<?php

declare(strict_types=1);

use Hovik\Core\Ask\Ask;
use Hovik\Core\Components\Effect;
use Hovik\Core\Components\FoundMisses;
use Hovik\Core\Components\MissComponents;
use Hovik\Core\Components\Source;
use Hovik\Core\Components\Weighed;
use Hovik\Core\Statistics\MixedModel;

/* Against lme4: tests/Core/statistics/mixed.R made the cases and its answers. */

/** @return array<string, array{array<string, mixed>}> */
function mixedCases(): array
{
    $all = json_decode((string) file_get_contents(__DIR__.'/statistics/mixed.json'), true, 512, JSON_THROW_ON_ERROR);

    return array_combine(array_column($all, 'name'), array_map(static fn (array $case): array => [$case], $all));
}

it('predicts the effects that lme4 predicts, at the same variances', function (array $case) {
    $fit = (new MixedModel($case['y'], $case['food'], $case['factors']))->at($case['theta']);
    expect($fit->deviance)->toEqualWithDelta($case['deviance'][0], 1e-6)->and($fit->variance / $case['variance'][0])->toEqualWithDelta(1.0, 1e-6);
    foreach ($case['means'] as $i => $mean) {
        expect($fit->means[$i])->toEqualWithDelta($mean, 1e-9);
    }
    foreach ($case['effects'] as $factor => $effects) {
        foreach ($effects as $level => $effect) {
            $error = $case['errors'][$factor][$level];
            // To a hundredth of its standard error is asked; ours holds the means' own doubt, too, and so is never less.
            expect($fit->effects[$factor][$level])->toEqualWithDelta($effect, 1e-6 * $error + 1e-12)
                ->and($fit->errors[$factor][$level])->toBeGreaterThanOrEqual($error * (1 - 1e-9));
        }
    }
})->with(mixedCases(...));

it('finds variances as likely as those that lme4 finds', function (array $case) {
    $fit = (new MixedModel($case['y'], $case['food'], $case['factors']))->fit();
    expect($fit->deviance)->toBeLessThan($case['deviance'][0] + 1e-6);
})->with(fn () => array_filter(mixedCases(), static fn (array $case): bool => count($case[0]['y']) < 1000));

it('does so for a term of two thousand weighings', function () {
    $case = mixedCases()['large'][0];
    $fit = (new MixedModel($case['y'], $case['food'], $case['factors']))->fit();
    expect($fit->deviance)->toBeLessThan($case['deviance'][0] + 1e-6);
})->group('slow');

/** A normal value by the two that a seed gives in turn. */
function chance(): float
{
    return sqrt(-2 * log(mt_rand(1, mt_getrandmax()) / mt_getrandmax())) * cos(2 * M_PI * mt_rand() / mt_getrandmax());
}

/**
 * A made-up class: each student weighs `times` cups of flour with a tool and a scale by chance.
 *
 * @param  array<string, float>  $sd  of ln: tool, scale, student, error
 * @return array{list<Weighed>, array<string, float>} and what each truly adds, by id
 */
function madeUpClass(int $students, int $times, int $tools, int $scales, array $sd): array
{
    $true = $weighings = [];
    foreach (['tool' => $tools, 'scale' => $scales, 'student' => $students] as $what => $count) {
        for ($i = 0; $i < $count; $i++) {
            $true["$what $i"] = $sd[$what] * chance();
        }
    }
    for ($student = 0; $student < $students; $student++) {
        for ($i = 0; $i < $times; $i++) {
            [$tool, $scale] = ['tool '.mt_rand(0, $tools - 1), 'scale '.mt_rand(0, $scales - 1)];
            $share = $true[$tool] + $true[$scale] + $true["student $student"] + $sd['error'] * chance();
            $weighings[] = new Weighed('bread-flour', 'fine-powder', 'first', $tool, $scale, "student $student", 125 * exp($share), 125.0);
        }
    }

    return [$weighings, $true];
}

it('covers what is true nineteen times of twenty, on average over effects, where there are six or more of each', function (array $sd) {
    mt_srand(20261128);
    $in = $all = 0;
    for ($run = 0; $run < 12; $run++) {
        [$weighings, $true] = madeUpClass(18, 4, 6, 6, $sd);
        foreach (MissComponents::of($weighings)->effects as $effect) {
            [$low, $high] = $effect->interval();
            $is = 100 * (exp($true[$effect->id]) - 1);
            $in += (int) ($low <= $is && $is <= $high);
            $all++;
        }
    }
    expect($in / $all)->toBeGreaterThan(0.90)->and($in / $all)->toBeLessThan(0.98);
})->with([
    'a usual class' => [['tool' => 0.03, 'scale' => 0.01, 'student' => 0.03, 'error' => 0.03]],
    'good hands, bad cups' => [['tool' => 0.06, 'scale' => 0.01, 'student' => 0.01, 'error' => 0.02]],
    'good cups, bad hands' => [['tool' => 0.01, 'scale' => 0.01, 'student' => 0.06, 'error' => 0.03]],
])->group('slow');

it('halves the misses that are laid at a student\'s door and were the cup\'s or the bag\'s', function () {
    mt_srand(8);
    $tolerance = log(1.08);
    $before = $after = 0;
    for ($run = 0; $run < 20; $run++) {
        [$weighings, $true] = madeUpClass(18, 4, 6, 3, ['tool' => 0.05, 'scale' => 0.005, 'student' => 0.02, 'error' => 0.025]);
        $bag = 0.04 * chance();
        $class = array_map(static fn (Weighed $one): Weighed => new Weighed(
            'bread-flour', 'fine-powder', 'first', $one->tool, $one->scale, $one->student, $one->grams * exp($bag), 125.0,
        ), $weighings);
        $components = MissComponents::of($class);
        foreach ($class as $i => $one) {
            // What the hand and chance did to it, which nobody but the simulation knows.
            $hand = $weighings[$i]->share() - $true[$one->tool] - $true[$one->scale];
            if (abs($hand) > $tolerance) {
                continue; // truly theirs
            }
            $before += (int) (abs($one->share()) > $tolerance);
            $after += (int) (abs(log($components->ofTheHand($one))) > $tolerance);
        }
    }
    expect($before)->toBeGreaterThan(100)->and($after)->toBeLessThan($before / 2);
})->group('slow');

it('finds a large cup and a heavy hand, in words with what to do next', function () {
    mt_srand(3);
    [$weighings] = madeUpClass(12, 6, 6, 3, ['tool' => 0.0, 'scale' => 0.0, 'student' => 0.0, 'error' => 0.01]);
    $odd = array_map(static fn (Weighed $one): Weighed => new Weighed(
        'bread-flour', 'fine-powder', 'first', $one->tool === 'tool 2' ? "Hazel's half cup" : $one->tool, $one->scale,
        $one->student === 'student 5' ? 'Mateus' : $one->student,
        $one->grams * ($one->tool === 'tool 2' ? 1.06 : 1) * ($one->student === 'student 5' ? 1.05 : 1), 125.0,
    ), $weighings);
    $words = implode(' ', array_map(Ask::english(...), FoundMisses::of($odd)->inWords()));
    expect($words)->toMatch("/Hazel's half cup gives [678] g too much\. Check it with water\./")
        ->and($words)->toMatch('/Mateus packs a little: [567] g over\./');
    $plain = MissComponents::of($weighings);
    expect(Ask::english(FoundMisses::of($weighings)->inWords()[0]))->toBe('Nothing stands out: these weigh-ins differ by chance.')
        ->and(array_sum($plain->spread()))->toEqualWithDelta(100.0, 1e-9);
});

it('tells of one bag that it runs heavy, and of several each', function () {
    mt_srand(4);
    [$weighings] = madeUpClass(10, 5, 6, 3, ['tool' => 0.005, 'scale' => 0.0, 'student' => 0.005, 'error' => 0.01]);
    $in = static fn (array $bags): array => array_map(static fn (Weighed $one, int $i): Weighed => new Weighed(
        'bread-flour', 'fine-powder', array_keys($bags)[$i % count($bags)], $one->tool, $one->scale, $one->student,
        $one->grams * array_values($bags)[$i % count($bags)], 125.0,
    ), $weighings, array_keys($weighings));
    $one = MissComponents::of($in(['first' => 1.04]));
    $found = FoundMisses::of($in(['first' => 1.04]));
    expect($one->from(Source::Bag))->toBe([])->and($one->means['bread-flour'])->toEqualWithDelta(log(1.04), 0.01)
        ->and(Ask::english($found->inWords()[0]))->toMatch('/^bread-flour runs [456] g heavy, whoever measures it\./');
    $several = MissComponents::of($in(['May' => 1.0, 'June' => 1.0, 'July' => 1.06, 'August' => 1.0, 'fall' => 1.0, 'winter' => 1.0]))
        ->from(Source::Bag);
    usort($several, static fn (Effect $a, Effect $b): int => $b->share <=> $a->share);
    expect([$several[0]->id, $several[0]->isTold(), $several[1]->isTold()])->toBe(['July', true, false])
        ->and($several[0]->percent())->toBeGreaterThan(3.0);
});

it('reports as one what never comes apart, and says when it cannot say', function () {
    mt_srand(5);
    [$weighings] = madeUpClass(12, 4, 6, 6, ['tool' => 0.03, 'scale' => 0.0, 'student' => 0.02, 'error' => 0.02]);
    $tied = array_map(static fn (Weighed $one): Weighed => new Weighed(
        $one->food, $one->family, $one->bag, $one->tool, "the scale of $one->tool", $one->student, $one->grams, 125.0,
    ), $weighings);
    $together = MissComponents::of($tied)->from(Source::Tool);
    expect($together)->toHaveCount(6)->and($together[0]->sources)->toBe([Source::Tool, Source::Scale])->and($together[0]->id)->toContain(' + the scale of ');
    expect(refused(fn () => MissComponents::of(array_slice($weighings, 0, 7)))[0] ?? null)->toBe('weighings');
    $alone = array_map(static fn (Weighed $one): Weighed => new Weighed('salt', 'fine-powder', 'b', 't', 's', 'p', $one->grams, 125.0), $weighings);
    expect(refused(fn () => MissComponents::of($alone))[1] ?? '')->toContain('took turns')
        ->and(refused(fn () => new Weighed('salt', 'x', 'b', 't', 's', 'p', 0.0, 5.0))[0] ?? null)->toBe('grams');
});

it('answers from the shell', function () {
    mt_srand(6);
    [$weighings] = madeUpClass(8, 4, 4, 3, ['tool' => 0.04, 'scale' => 0.0, 'student' => 0.02, 'error' => 0.01]);
    $answer = Ask::answer('components', ['weighings' => array_map(static fn (Weighed $one): array => [
        'food' => 'bread-flour', 'bag' => 'b', 'tool' => $one->tool, 'scale' => $one->scale, 'student' => $one->student, 'grams' => $one->grams,
        'target_g' => 125,
    ], $weighings)]);
    expect(array_keys($answer))->toBe(['bag', 'tool', 'scale', 'student', 'foods', 'variances', 'in_words'])
        ->and($answer['bag'])->toBe([])->and(count($answer['tool']))->toBe(4)->and($answer['tool'][0])->toHaveKeys(['id', 'effect_pct', 'se_pct', 'n'])
        ->and(array_sum(array_column($answer['student'], 'n')))->toBe(32);
    expect(refused(fn () => Ask::answer('components', ['weighings' => [5]]))[0] ?? null)->toBe('weighings.0')
        ->and(refused(fn () => Ask::answer('components', ['weighings' => [['food' => 'dragon']]]))[0] ?? null)->toBe('ingredient');
});
