<?php

declare(strict_types=1);

use Hovik\Core\Calibration\Inspection;
use Hovik\Core\Calibration\ScaleCheck;
use Hovik\Core\Calibration\SetCheck;
use Hovik\Core\Calibration\SharedTools;
use Hovik\Core\Calibration\ToCheck;
use Hovik\Core\Calibration\ToolVerdict;
use Hovik\Core\Calibration\VolumeCheck;
use Hovik\Core\Calibration\Water;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\OwnTool;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\StationDrawers;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Drawer\TrueSize;
use Hovik\Core\JsonInput;
use Hovik\Core\Lab\FrozenWay;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\OwnTrials;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Plan\StationWays;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Standard\BagChange;
use Hovik\Core\Standard\ExperimentPlan;
use Hovik\Core\Standard\OwnStandard;
use Hovik\Core\Standard\Trial;
use Hovik\Core\Statistics\Sample;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\WeightModel;

$us = MeasureStandard::UsCustomary;
$tool = static fn (string $id, int $count = 6, int $inSet = 0): Tool => ToolCatalogue::tool($id, $us)->counted($count, $inSet);
$own = static fn (string $id, ?string $set, ?float $ml = null, bool $isOut = false, string $mark = ''): OwnTool => new OwnTool(
    $id, ($set ?? 'Shelf').": $id", $set, $isOut, $ml === null ? [] : [$mark => new TrueSize($ml, 0.003)],
);
$said = static fn (?array $drawer): ?array => $drawer === null ? null : array_map(
    static fn (Tool $one): string => "$one->id x$one->count ".($one->own ?? '-').' '.($one->trueMl ?? '-'), $drawer,
);

it('gives each station what it has, with the true sizes of its own tools', function (array $counted, array $owned, array $everywhere, ?array $hazel) use ($tool, $own, $said) {
    $drawers = new StationDrawers(
        array_map(static fn (array $one): Tool => $tool(...$one), $counted), array_map(static fn (array $one): OwnTool => $own(...$one), $owned), 6,
    );
    expect($said($drawers->everywhere()))->toBe($everywhere)->and($said($drawers->at('Hazel')))->toBe($hazel);
})->with([
    'nothing checked' => [[['dry-cup-us-1']], [], ['dry-cup-us-1 x6 - -'], null],
    'its own' => [[['dry-cup-us-1']], [['dry-cup-us-1', 'Hazel', 250.0]], ['dry-cup-us-1 x6 - -'], ['dry-cup-us-1 x6 Hazel: dry-cup-us-1 250']],
    'another\'s' => [[['dry-cup-us-1']], [['dry-cup-us-1', 'Rowan', 250.0]], ['dry-cup-us-1 x6 - -'], null],
    'the shelf\'s only one' => [
        [['dry-cup-us-1', 1]], [['dry-cup-us-1', null, 250.0]], ['dry-cup-us-1 x1 Shelf: dry-cup-us-1 250'], null,
    ],
    'its own is out, others are in their sets' => [[['dry-cup-us-1', 6, 1]], [['dry-cup-us-1', 'Hazel', 290.0, true]], ['dry-cup-us-1 x6 - -'], ['dry-cup-us-1 x6 - -']],
    'its own is out, and none is left' => [[['dry-cup-us-1', 5, 1]], [['dry-cup-us-1', 'Hazel', 290.0, true]], ['dry-cup-us-1 x5 - -'], []],
]);

it('fills to a line with the true size of that line, and knows its doubt', function () use ($tool, $own) {
    $jug = $tool('liquid-measure-us-1-cup')->known($own('liquid-measure-us-1-cup', 'Hazel', 120.0, false, '1/2 cup'));
    [$half, $whole] = [$jug->markAt(MeasureStandard::UsCustomary->size(Unit::Cup)->dividedBy(2)), $jug->markAt(MeasureStandard::UsCustomary->size(Unit::Cup))];
    expect((new Fill($jug, 1, $half))->bias())->toEqualWithDelta(120 / 118.294, 1e-4)->and((new Fill($jug, 1, $half))->relativeUncertainty())->toBe(0.003)
        ->and((new Fill($jug, 1, $whole))->bias())->toBe(1.0)->and((new Fill($jug, 1, $whole))->isChecked())->toBeFalse()->and($jug->isChecked())->toBeTrue();
    $back = Tool::fromArray(new JsonInput(json_decode((string) json_encode($jug->toArray()), true)));
    expect($back)->toEqual($jug);
});

it('plans the same fills at a station with checked cups, and leaves the target where the amount is', function () use ($tool, $own) {
    $counted = [$tool('dry-cup-us-1', 6, 1), $tool('dry-cup-us-1-2', 6, 1)];
    $planner = new LinePlanner(Pantry::reference(), $counted, MeasureStandard::UsCustomary, ToleranceLevel::Practised);
    $line = $planner->plan(Pantry::reference()->ingredient('bread-flour'), Amount::of('1/2', Unit::Cup), Strictness::Structural);
    $drawers = new StationDrawers($counted, [$own('dry-cup-us-1-2', 'Hazel', 126.0), $own('dry-cup-us-1-2', 'Rowan', 140.0, true)], 6);
    // Rowan's half cup is out and nobody has one to spare: its other cups must do.
    $rowan = array_values(array_filter($drawers->at('Rowan') ?? [], static fn (Tool $one): bool => $one->id !== 'dry-cup-us-1-2'));
    $ways = StationWays::of($line, [1 => $drawers->at('Hazel') ?? [], 2 => $rowan], $planner, [1, 2, 3]);
    expect(array_map(static fn (FrozenWay $way): ?array => $way->stations, $ways))->toBe([[3], [1], [2]])
        ->and($ways[0]->plan->meanG)->toEqualWithDelta(62.5, 1e-6)->and($ways[1]->plan->meanG)->toEqualWithDelta(62.5 * 126 / 118.294, 0.001)
        ->and($ways[1]->plan->uG)->toBeLessThan($ways[1]->plan->meanG * 0.2)
        ->and(array_map(static fn (Fill $fill): string => $fill->tool->id, $ways[2]->plan->fills ?? []))->not->toContain('dry-cup-us-1-2')
        ->and(StationWays::trueSizes($ways[1]->plan, 8.0)[0]->with['percent'])->toBe(6.5)
        ->and(StationWays::trueSizes($ways[0]->plan, 8.0))->toBe([]);
});

it('weighs small spoons ten together, fills cups to the rim and jugs to a line', function () use ($tool) {
    $jug = $tool('liquid-measure-us-1-cup');
    $quart = $tool('graduated-dry-us-1-quart');
    expect(VolumeCheck::together($tool('spoon-us-1-tsp')))->toBe(10)->and(VolumeCheck::together($tool('spoon-us-1-tbsp')))->toBe(1)
        ->and(VolumeCheck::filledTo($tool('dry-cup-us-1'), null)->value)->toBe('rim')->and(VolumeCheck::filledTo($jug, $jug->marks[0])->value)->toBe('line')
        ->and(VolumeCheck::filledTo($quart, $quart->marks[3])->value)->toBe('rim')->and(VolumeCheck::filledTo($quart, $quart->marks[0])->value)->toBe('line');
    [$coarse, $fine] = [new Scale(1.0, 0.0), new Scale(0.1, 0.0)];
    expect(VolumeCheck::canTell($coarse, $tool('dry-cup-us-1')))->toBeTrue()->and(VolumeCheck::canTell($coarse, $tool('spoon-us-1-tbsp')))->toBeFalse()
        ->and(VolumeCheck::canTell($fine, $tool('spoon-us-1-tbsp')))->toBeTrue()
        ->and(VolumeCheck::canTell(new Scale(0.01, 0.0, 200.0), $tool('dry-cup-us-1')))->toBeFalse();
});

it('is stored and read again as it was', function () use ($tool) {
    $check = VolumeCheck::ofTool($tool('dry-cup-us-1-2'), null, [125.4, 125.9, 125.1], Water::at(21.0), new Scale(0.1, 0.05, 500.0, 0.001, 0.02));
    $back = VolumeCheck::fromArray(new JsonInput(json_decode((string) json_encode($check->toArray()), true)));
    expect($back)->toEqual($check)->and($back->verdict())->toBe(ToolVerdict::UseWithCorrection)
        ->and($check->trueSize()->ml)->toEqualWithDelta(125.47 / 1.0002 / 0.99799, 0.01);
    $scale = ScaleCheck::of([['nominal_g' => 0.0, 'reading_g' => 0.0], ['nominal_g' => 500.0, 'reading_g' => 500.3]], 0.1, [200.1, 200.2], [200.1, 200.0]);
    expect(ScaleCheck::fromArray(new JsonInput(json_decode((string) json_encode($scale->toArray()), true))))->toEqual($scale);
});

it('takes a scale\'s correction off what it showed before it judges', function () {
    $reading = ScaleReading::of(102.0, new Scale(1.0, 0.0, null, 0.0, 2.0));
    $judged = Judge::judge(Target::of(100.0, Tolerance::of(5.0, 1.0)), $reading, 100.0);
    expect($reading->trueGrams())->toEqualWithDelta(100.0, 1e-9)->and($judged->errorG)->toEqualWithDelta(0.0, 1e-9)
        ->and($judged->technique->errorG)->toEqualWithDelta(0.0, 1e-9)->and($reading->sharedBy(2)->trueGrams())->toEqualWithDelta(50.0, 1e-9);
});

it('says whether small measures add up to a large one', function () use ($own, $tool) {
    $kinds = array_column(array_map($tool, ['spoon-us-1-tsp', 'spoon-us-1-tbsp', 'dry-cup-us-1-3', 'dry-cup-us-1']), null, 'id');
    $checks = SetCheck::of([
        $own('spoon-us-1-tsp', 'Hazel', 5.3), $own('spoon-us-1-tbsp', 'Hazel', 14.8), $own('spoon-us-1-tbsp', 'Rowan', 14.8),
        $own('dry-cup-us-1-3', 'Hazel', 79.0), $own('dry-cup-us-1', 'Hazel', 237.0), $own('dry-cup-us-1-3', null, 90.0, true),
    ], $kinds);
    expect(array_map(static fn (SetCheck $one): array => [$one->times, $one->set, $one->agrees()], $checks))->toBe([
        [3, 'Hazel', false], [3, 'Hazel', true],
    ])->and($checks[0]->apartPct())->toEqualWithDelta(100 * (15.9 / 14.8 - 1), 1e-9);
});

it('shares a drawer out so that nobody has two more than another, and each its own set', function () use ($tool, $own) {
    $stations = [4 => 'Hazel', 7 => 'Rowan', 9 => 'Alder'];
    $shared = SharedTools::among(
        [$tool('dry-cup-us-1', 3, 1), $tool('spoon-us-1-tsp', 5), $tool('liquid-measure-us-2-cup', 2), $tool('butter-wrapper-us-stick', 3)],
        [$own('dry-cup-us-1', 'Rowan', 237.0)], $stations, static fn (Tool $one): string => $one->nominal, 'Shelf',
    );
    $names = array_map(static fn (array $share): array => array_map(static fn (ToCheck $one): string => $one->name, $share), $shared->byStation);
    expect($shared->count())->toBe(10)->and(max(array_map(count(...), $names)) - min(array_map(count(...), $names)))->toBeLessThan(2)
        ->and($names[7])->toContain('Rowan: dry-cup-us-1')->and(array_unique(array_merge(...$names)))->toHaveCount(10)
        ->and(array_merge(...$names))->not->toContain('Hazel: 8 tbsp');
    $jug = array_values(array_filter(array_merge(...$shared->byStation), static fn (ToCheck $one): bool => $one->kind === 'liquid-measure-us-2-cup'))[0];
    expect($jug->mark)->toBe('2 cup');
    expect(SharedTools::fromArray(new JsonInput(json_decode((string) json_encode($shared->toArray()), true))))->toEqual($shared);
});

it('asks of each kind of tool what can be wrong with it', function () {
    expect(Inspection::of(ToolKind::DryCup))->toContain(Inspection::RimFlat)->not->toContain(Inspection::Marks)
        ->and(Inspection::of(ToolKind::LiquidMeasure))->toContain(Inspection::Marks)->not->toContain(Inspection::RimFlat)
        ->and(Inspection::Grip->isNeeded())->toBeFalse()->and(Inspection::RimFree->isNeeded())->toBeTrue();
});

it('weighs a food by its own trials: the target follows, and only the doubt of the mean is left of the bag\'s', function () {
    $reference = Pantry::reference()->ingredient('bread-flour');
    $own = static fn (bool $isThisBag, ?Handling $handling = null): Pantry => Pantry::reference()->weighedAs([
        OwnTrials::of($reference, $handling, '131.175', 8, 0.005, $isThisBag),
    ]);
    $now = $own(true)->ingredient('bread-flour');
    expect($now->gramsPerUsCup?->toFloat())->toBe(131.175)->and($now->cvBatch)->toBe(0.005)->and($now->trials)->toBe(8)
        ->and($own(false)->ingredient('bread-flour')->cvBatch)->toEqualWithDelta(hypot(0.005, $reference->cvBatch), 1e-12);
    $cup = ToolCatalogue::tool('dry-cup-us-1', MeasureStandard::UsCustomary);
    $u = static fn (Pantry $pantry): float => WeightModel::of([new Fill($cup, 1)], Density::of($pantry, $pantry->ingredient('bread-flour')))->u();
    expect($u($own(true)))->toBeLessThan($u(Pantry::reference()))->and($u($own(false)))->toBeGreaterThan($u($own(true)));
    // Of another handling it is that handling's weight, and the usual one stays.
    $dipped = $own(true, Handling::Dipped);
    expect($dipped->ingredient('bread-flour')->gramsPerUsCup?->toFloat())->toBe(125.0)
        ->and($dipped->handlingFactor($reference, Handling::Dipped)?->mean->toFloat())->toEqualWithDelta(131.175 / 125, 1e-5);
});

it('counts what is not left out, at the true size of the cup', function () use ($tool, $own) {
    $cup = $tool('dry-cup-us-1')->known($own('dry-cup-us-1', 'Birch', 234.8));
    $found = OwnStandard::ofTool(Sample::of([128.4, 131.2, 133.0, 130.1, 132.6, 129.3, 130.7, 134.1, 148.9]), $cup, [8]);
    expect($found->counted()->n())->toBe(8)->and($found->gramsPerUsCup())->toEqualWithDelta(131.175 * 236.588 / 234.8, 0.001)
        ->and($found->outliers())->toBe([8])->and((string) $found->figure())->toBe(sprintf('%.3F', $found->gramsPerUsCup()))
        ->and($found->relativeU(0.0))->toEqualWithDelta($found->counted()->se() / 131.175, 1e-9)
        ->and($found->overG(new Trial(148.9, null, null, '2026-11-28', true)))->toEqualWithDelta(17.725, 1e-9)
        ->and(OwnStandard::ofServing(40.0, MeasureStandard::UsCustomary->size(Unit::Cup)->dividedBy(2)))->toEqualWithDelta(80.0, 1e-9);
    expect(refused(fn () => new Trial(0.0, null, null, '2026-11-28', false))[0] ?? null)->toBe('grams');
});

it('notices a bag that has changed, and keeps quiet over chance', function (array $shares, ?float $pct) {
    $seen = BagChange::seenIn($shares);
    expect($seen === null ? null : round($seen->pct, 1))->toBe($pct);
})->with([
    'heavier' => [[1.04, 1.05, 1.03, 1.045, 1.035, 1.05, 1.04, 1.03], 4.0], 'lighter' => [array_fill(0, 7, 0.96) + [7 => 0.961], -4.0],
    'too few' => [[1.05, 1.05, 1.05], null], 'too little' => [[1.01, 1.011, 1.009, 1.01, 1.01, 1.012, 1.008, 1.01], null],
    'by chance' => [[0.9, 1.1, 0.95, 1.06, 1.1, 0.9, 1.02, 1.04], null],
]);

it('deals an experiment out so that each comes at each place as often as can be', function (int $students, array $arms) {
    foreach (range(1, 20) as $seed) {
        $dealt = ExperimentPlan::allByAll(range(1, $students), $arms, $seed);
        expect($dealt)->toHaveCount($students)->toBe(ExperimentPlan::allByAll(range(1, $students), $arms, $seed));
        foreach (array_keys($arms) as $place) {
            $times = array_count_values(array_column($dealt, $place)) + array_fill_keys($arms, 0);
            expect(max($times) - min($times))->toBeLessThan(3);
        }
        foreach ($dealt as $order) {
            expect($order)->toEqualCanonicalizing($arms);
        }
        $one = array_count_values(array_column(ExperimentPlan::oneEach(range(1, $students), $arms, $seed), 0)) + array_fill_keys($arms, 0);
        expect(max($one) - min($one))->toBeLessThan(2);
    }
})->with([[22, ['a', 'b', 'c']], [7, ['a', 'b']], [1, ['a', 'b', 'c', 'd']], [24, ['a', 'b', 'c', 'd']]]);

it('holds a student\'s own difference right to a twentieth of a gram', function () {
    expect(ExperimentPlan::isOwnDifference(14.5, [125.0, 139.5]))->toBeTrue()->and(ExperimentPlan::isOwnDifference(14.4, [125.0, 139.5]))->toBeFalse()
        ->and(ExperimentPlan::isOwnDifference(14.5, [139.5, 125.0]))->toBeTrue();
});
