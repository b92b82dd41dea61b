<?php

declare(strict_types=1);

use Hovik\Core\Standard\TechniqueComparison;
use Hovik\Core\Statistics\Difference;
use Hovik\Core\Statistics\FisherF;
use Hovik\Core\Statistics\Sample;
use Hovik\Core\Statistics\SpecialFunction;
use Hovik\Core\Statistics\StudentizedRange;
use Hovik\Core\Statistics\StudentT;
use Hovik\Core\Statistics\VarianceAnalysis;

/* Against base R: tests/Core/statistics/peer.R made the cases and its answers. */

/** @return array<string, array{array<string, mixed>}> */
function peerCases(string ...$kinds): array
{
    static $all = null;
    $all ??= json_decode((string) file_get_contents(__DIR__.'/statistics/cases.json'), true, 512, JSON_THROW_ON_ERROR);
    $cases = array_values(array_filter($all, static fn (array $case): bool => in_array($case['kind'], $kinds, true)));

    return array_combine(
        array_map(static fn (array $case): string => "$case[kind] $case[name]", $cases), array_map(static fn (array $case): array => [$case], $cases),
    );
}

/** Alike to a millionth of what they are; chances as small as 1e-10 are as good as none. */
function alike(float $ours, float $theirs): bool
{
    return abs($ours - $theirs) <= 1e-6 * abs($theirs) + 1e-10;
}

/**
 * @param  list<float>  $ours
 * @param  list<float>  $theirs
 */
function expectAlike(array $ours, array $theirs): void
{
    expect(count($ours))->toBe(count($theirs));
    foreach ($theirs as $i => $value) {
        expect(alike((float) $ours[$i], (float) $value))->toBeTrue(sprintf('%.12g, not %.12g', $ours[$i], $value));
    }
}

/** @return array<string, Sample> */
function lettered(array $groups): array
{
    return array_combine(array_slice(range('a', 'z'), 0, count($groups)), array_map(static fn (array $one): Sample => Sample::of(floats($one)), $groups));
}

/** @return list<float> */
function floats(array $numbers): array
{
    return array_map(floatval(...), $numbers);
}

it('agrees with R on more than sixty sets of weighings', fn () => expect(count(peerCases('sample', 'welch', 'paired', 'variance', 'blocks')))
    ->toBeGreaterThan(60));

it('tells of one sample what R tells', function (array $case) {
    $sample = Sample::of(floats($case['x']));
    expectAlike([$sample->mean(), $sample->sd(), ...(array) $sample->interval()], [$case['mean'], $case['sd'], ...$case['ci95']]);
    expectAlike(array_map($sample->quantile(...), [0.1, 0.25, 0.5, 0.75, 0.9]), $case['quartiles']);
})->with(fn () => peerCases('sample'));

it('compares two groups as R does, apart and by the same hands', function (array $case) {
    [$first, $second] = array_map(floats(...), $case['groups']);
    $ours = $case['kind'] === 'welch'
        ? Difference::welch(Sample::of($first), Sample::of($second))
        : Difference::paired(Sample::of(array_map(static fn (float $a, float $b): float => $b - $a, $first, $second)));
    expectAlike(
        [$ours->mean, $ours->t, $ours->df, $ours->p, ...$ours->interval],
        [$case['difference'], $case['t'], $case['df'], $case['p'], ...$case['ci95']],
    );
})->with(fn () => peerCases('welch', 'paired'));

it('compares several groups as R does, and every pair of them honestly', function (array $case) {
    $groups = lettered($case['groups']);
    $blocks = [];
    foreach ($case['groups'][0] as $i => $_) {
        $blocks[] = array_map(static fn (Sample $one): float => $one->readings[$i] ?? NAN, $groups);
    }
    $ours = $case['kind'] === 'variance' ? VarianceAnalysis::of($groups) : VarianceAnalysis::inBlocks($blocks);
    expectAlike([$ours->f, $ours->df, $ours->errorDf, $ours->p], [$case['f'], ...$case['df'], $case['p']]);
    foreach ($ours->pairs() as $i => $pair) {
        $theirs = $case['tukey'][$i];
        expect([$pair->first, $pair->second])->toBe([$theirs['first'], $theirs['second']]);
        expectAlike([$pair->mean, ...$pair->interval, $pair->p], [$theirs['difference'], ...$theirs['ci95_exact'], $theirs['p_exact']]);
        // R's own, which is right to four digits where there are few degrees of freedom.
        expect($pair->p)->toEqualWithDelta($theirs['p'], 2e-5)
            ->and($pair->interval[1])->toEqualWithDelta($theirs['ci95'][1], 1e-4 * max(1, abs($theirs['ci95'][1] - $pair->mean)));
    }
})->with(fn () => peerCases('variance', 'blocks'));

it('has the distributions of R', function (array $case) {
    $ours = match ($case['kind']) {
        't' => array_map(static fn ($df, $x): float => (new StudentT($df))->beyond($x), $case['df'], $case['x']),
        'f' => array_map(static fn ($a, $b, $x): float => (new FisherF($a, $b))->beyond($x), $case['a'], $case['b'], $case['x']),
        'range' => array_map(static fn ($k, $df, $x): float => (new StudentizedRange($k, $df))->beyond($x), $case['k'], $case['df'], $case['x']),
    };
    expectAlike($ours, $case['p']);
})->with(fn () => peerCases('t', 'f', 'range'));

it('finds a share again where it put it', function (float $share) {
    foreach ([1.0, 3.0, 9.0, 4.7, 400.0] as $df) {
        expect(1 - (new StudentT($df))->beyond((new StudentT($df))->within($share)))->toEqualWithDelta($share, 1e-10)
            ->and(1 - (new FisherF(3, $df))->beyond((new FisherF(3, $df))->quantile($share)))->toEqualWithDelta($share, 1e-10);
    }
    expect((new StudentT(9))->below(0.0))->toEqualWithDelta(0.5, 1e-14)
        ->and((new StudentT(9))->below(-2.0) + (new StudentT(9))->below(2.0))->toEqualWithDelta(1.0, 1e-14)
        ->and(SpecialFunction::normal(1.959963984540054))->toEqualWithDelta(0.975, 1e-14)
        ->and(SpecialFunction::normal(-6.0))->toEqualWithDelta(9.865876450377e-10, 1e-20);
})->with([0.5, 0.9, 0.95, 0.999]);

it('flags what lies oddly and deletes nothing; of few readings none', function (array $readings, array $odd) {
    $sample = Sample::of(floats($readings));
    expect($sample->outliers())->toBe($odd)->and($sample->n())->toBe(count($readings))
        ->and($sample->without($odd)->n())->toBe(count($readings) - count($odd));
})->with([
    [[124, 126, 121, 129, 125, 124, 150], [6]], [[124, 126, 125, 124], []], [[5, 5, 5, 5, 9], [4]], [[5, 5, 5, 5, 5], []],
    [[100, 124, 126, 125, 124, 125, 160], [0, 6]], [[124, 126, 121, 129, 125], []],
]);

it('says how many more until the mean is known to two percent', function () {
    $sample = Sample::of([124.0, 126.0, 121.0, 129.0, 125.0]);
    $more = $sample->moreFor(2.0);
    // As many as it says are enough, one fewer is not: as if they were spread as these are.
    $half = static fn (int $n): float => (new StudentT($n - 1))->within(0.95) * $sample->sd() / sqrt($n);
    expect($half(5 + $more))->toBeLessThanOrEqual(0.02 * $sample->mean())->and($half(4 + $more))->toBeGreaterThan(0.02 * $sample->mean())
        ->and(Sample::of([7.0])->moreFor(2.0))->toBeNull()->and(Sample::of([-1.0, 1.0])->moreFor(2.0))->toBeNull()
        ->and(Sample::of([125.0, 125.0, 125.0])->moreFor(2.0))->toBe(0)
        ->and(Sample::of([7.0])->interval())->toBeNull()->and(Sample::of([7.0])->sd())->toBe(0.0);
});

it('refuses what is no number', function (array $readings, string $field) {
    expect(refused(fn () => Sample::of($readings, 'readings_g'))[0] ?? null)->toBe($field);
})->with([[[], 'readings_g'], [[1.0, NAN], 'readings_g.1'], [[INF], 'readings_g.0']]);

it('takes nothing from groups that are alike, and everything from those without spread', function () {
    $same = Difference::welch(Sample::of([5.0, 5.0]), Sample::of([5.0, 5.0]));
    $apart = Difference::welch(Sample::of([5.0, 5.0]), Sample::of([6.0, 6.0]));
    expect([$same->t, $same->p, $same->isTold()])->toBe([0.0, 1.0, false])->and([$apart->p, $apart->isTold()])->toBe([0.0, true]);
    $flat = VarianceAnalysis::of(['a' => Sample::of([5.0, 5.0]), 'b' => Sample::of([5.0, 5.0]), 'c' => Sample::of([5.0, 5.0])]);
    expect([$flat->f, $flat->p, $flat->pairs()[0]->p])->toBe([0.0, 1.0, 1.0]);
});

it('needs two ways and two weighings of each, and leaves out who did not do all', function () {
    $sample = static fn (float ...$readings): Sample => Sample::of(array_values($readings));
    expect(refused(fn () => TechniqueComparison::of(['dipped' => $sample(1, 2)]))[0] ?? null)->toBe('groups')
        ->and(refused(fn () => TechniqueComparison::of(['dipped' => $sample(1, 2), 'spooned' => $sample(1)]))[0] ?? null)->toBe('groups.spooned')
        ->and(refused(fn () => TechniqueComparison::byTheSameHands([['dipped' => 1.0, 'spooned' => 2.0], ['dipped' => 1.0]]))[0] ?? null)
        ->toBe('pairs.dipped');
    $three = TechniqueComparison::byTheSameHands([
        ['dipped' => 137.0, 'spooned' => 124.0], ['dipped' => 140.0, 'spooned' => 128.0], ['dipped' => 139.0, 'spooned' => 125.0], ['dipped' => 90.0],
    ]);
    expect($three->groups['dipped']->readings)->toBe([137.0, 140.0, 139.0])->and($three->difference()?->mean)->toEqualWithDelta(-13.0, 1e-12)
        ->and($three->variance())->toBeNull();
});
