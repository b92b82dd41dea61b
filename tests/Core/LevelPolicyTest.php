<?php

declare(strict_types=1);

use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\CarefulWork;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Plan\PlannedLine;
use Hovik\Core\Plan\Remedy;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Weighing\CarefulShare;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\TolerancePolicy;

// What a class counts as Level, and how often careful work would be.

$plan = static fn (
    string $food, string $amount, Unit $unit, ToleranceLevel|TolerancePolicy $policy = ToleranceLevel::Practised,
    MeasuringMode $mode = MeasuringMode::Checked, Strictness $strictness = Strictness::Structural,
): PlannedLine => (new LinePlanner(
    Pantry::reference(), drawerOf(
        'dry-cup-us-1', 'dry-cup-us-1-2', 'dry-cup-us-1-4', 'spoon-us-1-tbsp', 'spoon-us-1-tsp', 'spoon-us-1-2-tsp',
    ), MeasureStandard::UsCustomary, $policy,
))->plan(Pantry::reference()->ingredient($food), Amount::of($amount, $unit), $strictness, null, null, $mode);

it('asks less of small amounts: 0.2 g up to 20 mL by spoons and up to 15 g weighed out, else 1 g', function (
    string $food, string $amount, Unit $unit, MeasuringMode $mode, float $floor,
) use ($plan) {
    expect($plan($food, $amount, $unit, ToleranceLevel::Practised, $mode)->tolerance->floorG)->toBe($floor);
})->with([
    'a teaspoon of leavener' => ['baking-powder', '1', Unit::Teaspoon, MeasuringMode::Checked, 0.2],
    'a tablespoon of flour' => ['all-purpose-flour', '1', Unit::Tablespoon, MeasuringMode::Checked, 0.2],
    'four teaspoons are 19.7 mL' => ['honey', '4', Unit::Teaspoon, MeasuringMode::Checked, 0.2],
    'two tablespoons are not small' => ['honey', '2', Unit::Tablespoon, MeasuringMode::Checked, 1.0],
    'half a cup of baking powder is not small' => ['baking-powder', '1/2', Unit::Cup, MeasuringMode::Checked, 1.0],
    '15 g weighed out' => ['all-purpose-flour', '15', Unit::Gram, MeasuringMode::Weight, 0.2],
    '16 g weighed out' => ['all-purpose-flour', '16', Unit::Gram, MeasuringMode::Weight, 1.0],
    'two tablespoons of cocoa weighed out' => ['cocoa-powder', '2', Unit::Tablespoon, MeasuringMode::Weight, 0.2],
    'eggs' => ['egg-large', '1', Unit::Piece, MeasuringMode::Checked, 1.0],
]);

it('takes a class’s own percentages and floors, and strictness widens the per cent only', function () use ($plan) {
    $policy = TolerancePolicy::of(ToleranceLevel::Practised, ['fine-powder' => 6], 0.5, 2.0);
    expect($plan('all-purpose-flour', '1', Unit::Cup, $policy)->tolerance->percent)->toBe(6.0)
        ->and($plan('honey', '1', Unit::Cup, $policy)->tolerance->percent)->toBe(6.0)
        ->and($plan('butter', '1', Unit::Cup, $policy)->tolerance->percent)->toBe(5.0)
        ->and($plan('all-purpose-flour', '1', Unit::Teaspoon, $policy)->tolerance->floorG)->toBe(0.5);
    $free = $plan('all-purpose-flour', '1', Unit::Cup, $policy, MeasuringMode::Checked, Strictness::Free)->tolerance;
    expect([$free->percent, $free->floorG])->toBe([18.0, 2.0]);
});

it('comes back from the store as it was', function () {
    $policy = TolerancePolicy::of(ToleranceLevel::Exacting, ['oil' => 2.5], 0.1, 0.5);
    $stored = json_decode((string) json_encode($policy->toArray()), true);
    expect(TolerancePolicy::fromArray(ToleranceLevel::Exacting, new JsonInput($stored)))->toEqual($policy);
});

it('refuses what is no policy', function (array $percents, float $small, float $floor, string $field) {
    expect(refused(fn () => TolerancePolicy::of(ToleranceLevel::Practised, $percents, $small, $floor))[0])->toBe($field);
})->with([
    [['dust' => 5], 0.2, 1.0, 'tolerances.percents.dust'], [['oil' => 0], 0.2, 1.0, 'tolerances.percents.oil'],
    [['oil' => 51], 0.2, 1.0, 'tolerances.percents.oil'], [['oil' => 'x'], 0.2, 1.0, 'tolerances.percents.oil'],
    [[], -0.1, 1.0, 'tolerances.small_floor_g'], [[], 0.2, 11.0, 'tolerances.floor_g'],
]);

it('tells how often careful work is Level, as the craft’s page does', function (
    string $food, string $amount, Unit $unit, float $scale, int $times, int $within,
) use ($plan) {
    $careful = CarefulWork::of($plan($food, $amount, $unit), ['Table' => new Scale($scale)]);
    expect($careful?->times)->toBeGreaterThanOrEqual($times - $within)->toBeLessThanOrEqual($times + $within);
})->with([
    '1 cup of flour on 1 g: about 85' => ['all-purpose-flour', '1', Unit::Cup, 1.0, 85, 2],
    '1/4 cup of flour on 1 g: about 61' => ['all-purpose-flour', '1/4', Unit::Cup, 1.0, 61, 3],
    '2 tsp of baking powder on 1 g: about 24' => ['baking-powder', '2', Unit::Teaspoon, 1.0, 24, 3],
]);

it('is a share by its formula: more room is more, a coarser scale is less, and never out of 0 to 1', function () {
    $target = static fn (float $percent): Target => Target::of(125.0, Tolerance::of($percent));
    $last = 0.0;
    foreach ([1.0, 2.0, 4.0, 8.0, 16.0, 32.0] as $percent) {
        $now = CarefulShare::of($target($percent), 126.0, 5.0, 1.0);
        expect($now)->toBeGreaterThanOrEqual($last)->toBeLessThanOrEqual(1.0);
        $last = $now;
    }
    expect(CarefulShare::of($target(8.0), 125.0, 5.0, 4.0))->toBeLessThan(CarefulShare::of($target(8.0), 125.0, 5.0, 1.0))
        ->and(CarefulShare::of($target(1.0), 125.0, 5.0, 2.0))->toBe(0.0) // Level cannot be said
        ->and(CarefulShare::of($target(8.0), 125.0, 0.0, 0.0))->toBe(1.0)->and(CarefulShare::of($target(8.0), 140.0, 0.0, 0.0))->toBe(0.0)
        // 10 g of room, 10 g of spread: within one standard deviation
        ->and(CarefulShare::of($target(8.0), 125.0, 10.0, 0.0))->toEqualWithDelta(0.6827, 0.0001);
});

it('offers the least trouble that helps', function (string $food, string $amount, Unit $unit, float $scale, ?Remedy $remedy) use ($plan) {
    $careful = CarefulWork::of($plan($food, $amount, $unit), ['Table' => new Scale($scale)]);
    expect($careful?->remedy)->toBe($remedy)->and($careful?->isEnough())->toBe($remedy === null)
        ->and(($careful?->times ?? 0) < 85)->toBe($remedy !== null);
})->with([
    'a teaspoon on a kitchen scale: several as one' => ['baking-powder', '1', Unit::Teaspoon, 1.0, Remedy::Together],
    'brown sugar by the cup: enough' => ['light-brown-sugar', '1', Unit::Cup, 0.1, null],
    'a quarter cup of flour: our package is not the book’s' => ['all-purpose-flour', '1/4', Unit::Cup, 0.1, Remedy::OwnCup],
]);

it('says nothing where nothing is weighed', function () use ($plan) {
    expect(CarefulWork::of($plan('honey', '1', Unit::Cup), []))->toBeNull()
        ->and(CarefulWork::of($plan('honey', '1', Unit::Cup, ToleranceLevel::Practised, MeasuringMode::Volume), ['T' => new Scale(1.0)]))->toBeNull()
        ->and(CarefulWork::of($plan('honey', '20', Unit::Gram, ToleranceLevel::Practised, MeasuringMode::Weight), ['T' => new Scale(1.0)]))
        ->toBeNull();
});

it('names a wider tolerance that would do', function () use ($plan) {
    foreach (Pantry::reference()->ids() as $i => $id) {
        $food = Pantry::reference()->ingredient($id);
        if ($i % 7 !== 0 || $food->gramsPerUsCup === null || $food->family === Family::Counted) {
            continue;
        }
        try {
            $line = $plan($id, '1/4', Unit::Cup, ToleranceLevel::Exacting);
        } catch (InvalidInput) {
            continue;
        }
        $careful = CarefulWork::of($line, ['Table' => new Scale(0.1)]);
        if ($careful?->percent !== null) {
            $wide = Target::of($line->targetG->toFloat(), Tolerance::of($careful->percent, $line->tolerance->floorG));
            $u = Hovik\Core\Weighing\ScaleReading::of($line->targetG->toFloat(), new Scale(0.1))->uncertainty();
            expect(CarefulShare::of($wide, $line->plans->best()->meanG ?? 0.0, $line->plans->best()->uG ?? 0.0, $u))->toBeGreaterThanOrEqual(0.85)
                ->and(CarefulWork::fromArray(new JsonInput($careful->toArray())))->toEqual($careful);
        }
    }
});
