<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Hovik\Core\Ask\Ask;
use Hovik\Core\Calibration\FillTo;
use Hovik\Core\Calibration\ScaleCheck;
use Hovik\Core\Calibration\ScaleVerdict;
use Hovik\Core\Calibration\ToolVerdict;
use Hovik\Core\Calibration\UncertaintyTerm;
use Hovik\Core\Calibration\VolumeCheck;
use Hovik\Core\Calibration\Water;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Standard\OwnStandard;
use Hovik\Core\Statistics\Sample;

/** A half cup, 70 mm wide, weighed at 20 degrees on a scale of 0.1 g. */
function halfCup(array $grams, array $change = []): VolumeCheck
{
    return VolumeCheck::of(...array_merge([
        'nominalMl' => 118.294, 'readingsG' => $grams, 'water' => Water::at(20.0), 'scale' => new Scale(0.1, 0.05), 'to' => FillTo::Rim,
        'diameterMm' => 70.0, 'tolerancePct' => 5.0,
    ], $change));
}

it('has the density of water as it is published, to a hundred-thousandth', function (float $celsius, float $kgPerM3) {
    expect(Water::at($celsius)->density() * 1000 / $kgPerM3)->toEqualWithDelta(1.0, 1e-5);
})->with([
    // From tables of handbooks: kg in a cubic meter, pure water at sea level.
    [4.0, 999.9749], [5.0, 999.9668], [8.0, 999.8509], [10.0, 999.7027], [12.0, 999.5005], [15.0, 999.1026], [18.0, 998.5976], [20.0, 998.2067],
    [22.0, 997.7730], [25.0, 997.0470], [28.0, 996.2335], [30.0, 995.6488], [33.0, 994.7041], [35.0, 994.0326], [38.0, 992.9683], [40.0, 992.2152],
]);

it('refuses ice and steam', fn (float $celsius) => expect(refused(fn () => Water::at($celsius))[0] ?? null)->toBe('water_c'))
    ->with([-0.1, 40.1, NAN]);

it('says what a cup holds and whether it is fit', function (array $grams, ToolVerdict $verdict, float $deviation) {
    $check = halfCup($grams);
    expect($check->verdict())->toBe($verdict)->and($check->deviationPct())->toEqualWithDelta($deviation, 0.01);
})->with([
    'true' => [[118.0, 118.1, 118.1], ToolVerdict::Fit, -0.01], 'a little small' => [[115.0, 115.1, 115.0], ToolVerdict::Fit, -2.58],
    'at the edge' => [[112.3, 112.1, 112.2], ToolVerdict::Undecided, -4.98], 'small' => [[108.0, 108.1, 108.0], ToolVerdict::UseWithCorrection, -8.51],
    'large' => [[126.6, 126.5, 126.6], ToolVerdict::UseWithCorrection, 7.18], 'no half cup' => [[131.9, 132.0, 131.9], ToolVerdict::Retire, 11.73],
    'nearly retired' => [[130.0, 130.1, 130.0], ToolVerdict::UseWithCorrection, 10.12],
]);

it('adds up its budget, each line shown, k = 2', function () {
    $check = halfCup([115.0, 116.0, 114.0]);
    $terms = array_column(array_map(static fn (UncertaintyTerm $term): array => [$term->id, $term->ml], $check->budget()), 1, 0);
    $density = Water::at(20.0)->density();
    expect($terms['repeats'])->toEqualWithDelta(1.0 / $density / sqrt(3), 1e-9) // the readings spread more than the rim
        ->and($terms['steps'])->toEqualWithDelta(0.1 / sqrt(6) / $density, 1e-9)
        ->and($terms['scale'])->toEqualWithDelta(0.05 / $density, 1e-9)
        ->and($terms['temperature'])->toBeLessThan(0.02)
        ->and($check->uncertaintyPct())->toEqualWithDelta(
            100 * 2 * sqrt(array_sum(array_map(static fn (float $ml): float => $ml ** 2, $terms))) / 118.294, 1e-9,
        )->and(array_key_first($terms))->toBe('repeats');
    // Three readings alike are no proof that the rim was struck alike: a quarter of a millimeter stays.
    $alike = array_column(array_map(static fn (UncertaintyTerm $term): array => [$term->id, $term->ml], halfCup([115.0, 115.0, 115.0])->budget()), 1, 0);
    expect($alike['repeats'])->toEqualWithDelta(0.25 / sqrt(3) * M_PI * 35 ** 2 / 1000 / sqrt(3), 1e-9);
});

it('says how many more weighings settle it, and that those many do', function () {
    $check = halfCup([112.5, 112.7, 112.6]);
    $more = $check->moreToSettle();
    expect($check->verdict())->toBe(ToolVerdict::Undecided)->and($more)->toBeGreaterThan(0)
        ->and($check->verdict(3 + (int) $more))->not->toBe(ToolVerdict::Undecided)
        ->and($check->verdict(2 + (int) $more))->toBe(ToolVerdict::Undecided)
        ->and(halfCup([118.0, 118.0, 118.1])->moreToSettle())->toBeNull()
        ->and(halfCup([112.2, 112.2, 112.1], ['scale' => new Scale(1.0, 2.0)])->moreToSettle())->toBeNull();
});

it('judges no line that is too wide for so little, and weighs spoons ten together', function () {
    $line = halfCup([59.0, 59.1, 59.0], ['nominalMl' => 30.0, 'to' => FillTo::Line, 'diameterMm' => 80.0]);
    expect($line->verdict())->toBe(ToolVerdict::TooWide);
    $ten = halfCup([49.0, 49.3, 49.1], ['nominalMl' => 4.92892, 'diameterMm' => 30.0, 'together' => 10]);
    $one = halfCup([4.90, 4.93, 4.91], ['nominalMl' => 4.92892, 'diameterMm' => 30.0]);
    expect($ten->volumeMl())->toEqualWithDelta($one->volumeMl(), 1e-9)->and($ten->uncertaintyPct())->toBeLessThan($one->uncertaintyPct() / 2)
        ->and([VolumeCheck::usualTolerancePct(2.46), VolumeCheck::usualTolerancePct(4.93)])->toBe([10.0, 5.0]);
});

it('refuses a check that says nothing', function (array $change, string $field) {
    expect(refused(fn () => halfCup($change['readingsG'] ?? [118.0, 118.1, 118.0], $change))[0] ?? null)->toBe($field);
})->with([
    [['readingsG' => [118.0, 118.0]], 'readings_g'], [['readingsG' => [118.0, 0.0, 118.0]], 'readings_g.1'], [['nominalMl' => 0.0], 'nominal_ml'],
    [['tolerancePct' => -1.0], 'tolerance_pct'], [['together' => 0], 'together'], [['diameterMm' => INF], 'diameter_mm'],
]);

it('finds what a scale shows too much, empty and full, and takes it off', function () {
    $weights = static fn (float ...$shown): array => array_map(
        static fn (int $nominal, float $reading): array => ['nominal_g' => (float) $nominal, 'reading_g' => $reading], [0, 200, 500, 1000], $shown,
    );
    $true = ScaleCheck::of($weights(0, 200, 500, 1001), 1.0, [200.0, 200.0, 201.0], [200.0, 200.0, 201.0, 200.0]);
    $heavy = ScaleCheck::of($weights(2, 204, 507, 1012), 1.0);
    $bent = ScaleCheck::of($weights(0, 206, 500, 1000), 1.0);
    expect($true->verdict())->toBe(ScaleVerdict::Level)->and($heavy->verdict())->toBe(ScaleVerdict::LevelWithCorrection)
        ->and($bent->verdict())->toBe(ScaleVerdict::NotLevel)
        ->and($heavy->biasG)->toEqualWithDelta(2.0, 0.1)->and($heavy->spanPct)->toEqualWithDelta(1.0, 0.01)
        ->and($heavy->correctionG(507.0))->toEqualWithDelta(7.0, 0.1)->and($heavy->repeatabilityG)->toBeNull()
        ->and($true->uncertaintyG())->toBeGreaterThan($true->repeatabilityG ?? 0.0);
    $alone = ScaleCheck::of([['nominal_g' => 200.0, 'reading_g' => 203.0]], 1.0);
    expect([$alone->biasG, $alone->spanPct])->toBe([3.0, 0.0])
        ->and(ScaleCheck::of($weights(0, 200, 500, 1000), 1.0, [200.0, 203.0, 199.0])->verdict())->toBe(ScaleVerdict::NotLevel)
        ->and(ScaleCheck::of($weights(0, 200, 500, 1000), 1.0, [], [200.0, 204.0, 200.0])->verdict())->toBe(ScaleVerdict::NotLevel)
        ->and(refused(fn () => ScaleCheck::of([], 1.0))[0] ?? null)->toBe('weights')
        ->and(refused(fn () => ScaleCheck::of($weights(0, 1, 2, 3), 0.0))[0] ?? null)->toBe('readability_g');
});

it('tells what the kitchen\'s own cup weighs, of those that count', function () {
    $trials = Sample::of([124.0, 126.0, 121.0, 129.0, 125.0, 124.0, 150.0]);
    $cup = BigRational::of('236.5882365');
    $all = OwnStandard::of($trials, $cup);
    $counted = OwnStandard::of($trials, $cup, $all->outliers());
    expect($all->outliers())->toBe([6])->and($counted->counted()->n())->toBe(6)->and($counted->outliers())->toBe([6])
        ->and($counted->gramsPerUsCup())->toEqualWithDelta(749 / 6, 1e-9)->and($counted->more())->toBeLessThan($all->more())
        ->and(OwnStandard::of($trials, $cup->dividedBy(2))->gramsPerUsCup())->toEqualWithDelta(2 * $all->gramsPerUsCup(), 1e-9)
        ->and(refused(fn () => OwnStandard::of($trials, $cup, [0, 1, 2, 3, 4]))[0] ?? null)->toBe('readings_g')
        ->and(refused(fn () => OwnStandard::of(Sample::of([1.0, 2.0, 0.0]), $cup))[0] ?? null)->toBe('readings_g.2')
        ->and(refused(fn () => OwnStandard::of($trials, BigRational::zero()))[0] ?? null)->toBe('volume_ml');
});

it('answers from the shell', function () {
    $scale = ['readability_g' => 0.1, 'u_cal_g' => 0.05];
    $volume = Ask::answer('check-volume', ['nominal_ml' => 118.294, 'water_c' => 20, 'readings_g' => [115, 115.1, 115], 'scale' => $scale]);
    expect($volume['verdict'])->toBe('fit')->and(array_column($volume['budget_ml'], 'from'))->toContain('repeats', 'steps', 'scale', 'temperature')
        ->and($volume['neglected'])->toContain('air');
    $jug = ['tool' => 'liquid-measure-us-1-cup', 'nominal_ml' => 29.57, 'water_c' => 20, 'readings_g' => [29, 29.1, 29], 'scale' => $scale];
    expect(Ask::answer('check-volume', $jug)['verdict'])->toBe('too-wide');
    $own = Ask::answer('own-standard', ['readings_g' => [124, 126, 121, 129, 125, 124, 150], 'fills' => [['tool' => 'dry-cup-us-1', 'count' => 1]]]);
    expect([$own['n'], $own['outliers']])->toBe([7, [6]])->and($own['g_per_us_cup'])->toEqualWithDelta($own['mean_g'], 0.01);
    $two = Ask::answer('compare', ['pairs' => [['spooned' => 124, 'dipped' => 137], ['spooned' => 126, 'dipped' => 138], ['spooned' => 121, 'dipped' => 137],
        ['spooned' => 125, 'dipped' => 141]]]);
    expect($two['in_words'])->toBe('dipped gives 14 g more than spooned, give or take 3 g (11%): 4 of 4 cups were heavier.');
    expect(Ask::answer('compare', ['groups' => ['a' => [124, 126], 'b' => [125, 127]]])['in_words'])->toContain('Not enough weigh-ins to tell a and b apart yet');
    $three = Ask::answer('compare', ['groups' => ['a' => [1, 2, 3], 'b' => [2, 3, 4], 'c' => [9, 8, 10]]]);
    expect($three['df'])->toBe([2, 6])->and(count($three['tukey']))->toBe(3)->and($three['in_words'])->toContain('c gives 7 g more than a');
    $check = Ask::answer('check-scale', ['weights' => [['nominal_g' => 0, 'reading_g' => 2], ['nominal_g' => 200, 'reading_g' => 204]], 'readability_g' => 1]);
    expect($check)->toMatchArray(['bias_g' => 2.0, 'span_error_pct' => 1.0, 'repeatability_g' => null, 'verdict' => 'level-with-correction']);
});

it('refuses from the shell what it cannot read, naming the field', function (string $verb, array $given, string $field) {
    expect(refused(fn () => Ask::answer($verb, $given))[0] ?? null)->toBe($field);
})->with([
    ['compare', ['groups' => [1, 2]], 'groups'], ['compare', ['groups' => ['a' => 5, 'b' => [1, 2]]], 'groups.a'],
    ['compare', ['groups' => ['a' => [1, 'x'], 'b' => [1, 2]]], 'groups.a.1'], ['compare', ['pairs' => [7]], 'pairs.0'], ['compare', ['pairs' => []], 'pairs'],
    ['own-standard', ['readings_g' => ['x'], 'volume_ml' => '236.6'], 'readings_g.0'], ['own-standard', ['volume_ml' => '236.6'], 'readings_g'],
    ['check-scale', ['weights' => [5], 'readability_g' => 1], 'weights.0'], ['check-volume', ['nominal_ml' => 5, 'readings_g' => [1, 2, 3]], 'water_c'],
]);
