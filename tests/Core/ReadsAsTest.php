<?php

declare(strict_types=1);

use Hovik\Core\Components\FoundMisses;
use Hovik\Core\Components\Weighed;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Review\Habit;
use Hovik\Core\Review\KnownEffects;
use Hovik\Core\Review\ReadsAs;
use Hovik\Core\Review\TermWeighing;
use Hovik\Core\Simulator\HandlingChoices;
use Hovik\Core\Simulator\Simulator;
use Hovik\Core\Weighing\Chance;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\WeightModel;

/* Students of known habit, drawn by the core's own simulator with one bag a food and one cup a station, read blind. */

/** A food, how much of it, and ways to go wrong with it: always the same, or by turns. */
const READ_FOODS = [
    ['bread-flour', '1', Unit::Cup, ['filling' => 'dipped'], [
        ['filling' => 'dipped'], ['levelling' => 'hollow'], ['settling' => 'tapped'], ['levelling' => 'heaped'], ['preparation' => 'sifted'],
    ]],
    ['bread-flour', '3/4', Unit::Cup, ['settling' => 'pressed'], [
        ['settling' => 'tapped'], ['levelling' => 'hollow'], ['filling' => 'dipped'], ['levelling' => 'heaped'], ['preparation' => 'sifted'],
    ]],
    ['light-brown-sugar', '1/2', Unit::Cup, ['filling' => 'loose'], [
        ['filling' => 'loose'], ['levelling' => 'heaped'], ['levelling' => 'hollow'], ['levelling' => 'heaped'],
    ]],
    ['granulated-sugar', '1/2', Unit::Cup, ['levelling' => 'heaped'], [
        ['levelling' => 'heaped'], ['levelling' => 'hollow'], ['settling' => 'tapped'],
    ]],
    ['whole-milk', '1', Unit::Cup, ['eye_deg' => 40.0], [['eye_deg' => 45.0], ['eye_deg' => -45.0], ['curve' => 'top', 'eye_deg' => 30.0]]],
];

/**
 * What one student's hands do, weighing by weighing.
 *
 * @param  array<string, string|float>  $slip
 * @param  list<array<string, string|float>>  $careless
 * @return list<array{array<string, string|float>, float}> choices, and how much is heaped (or left empty), 0 to 1
 */
function hands(Habit $habit, int $n, array $slip, array $careless, Chance $chance): array
{
    return array_map(static fn (int $i): array => match ($habit) {
        Habit::SameSlip => [$slip, 1.0],
        Habit::TwoCamps => [$chance->even() < 0.5 ? $slip : [], 1.0],
        Habit::Scattered => [$careless[(int) ($chance->even() * count($careless))], 0.3 + 0.7 * $chance->even()],
        default => [[], 1.0],
    }, range(0, $n - 1));
}

/**
 * How a class of one habit each reads.
 *
 * @param  float  $bag  how odd it is, in standard deviations of such bags; the same for all
 * @param  float  $cup  share of the first station's cup
 * @return array<string, array{int, int, int}> by habit: how many, read right, read as same slip
 */
function readClass(int $seed, int $n, float $bag = 0.0, float $cup = 0.0): array
{
    $chance = new Chance($seed);
    $pantry = Pantry::reference();
    $scale = new Scale(1.0);
    $tally = [];
    foreach (READ_FOODS as [$food, $number, $unit, $slip, $careless]) {
        $ingredient = $pantry->ingredient($food);
        $simulator = new Simulator(
            $pantry, $ingredient, Amount::of($number, $unit), MeasureStandard::UsCustomary, ToleranceLevel::Practised,
        );
        $good = $simulator->weight(HandlingChoices::good($ingredient, $pantry));
        $weighed = $terms = $habits = [];
        foreach (range(0, 23) as $student) {
            // Most of a class is steady.
            $habits[$student] = [
                Habit::Steady, Habit::Steady, Habit::Steady, Habit::SameSlip, Habit::Scattered, Habit::TwoCamps,
            ][intdiv($student, 4)];
            $station = $student % 6;
            // How this one does what is not the usual way; done so that it stays within tolerance, it is no slip.
            $slipped = $simulator->weight(HandlingChoices::of($slip, $ingredient, $pantry));
            do {
                $own = $chance->normal();
                $off = abs($slipped->mean + $own * $slipped->habitU - $good->mean) / $simulator->target->toleranceG();
            } while ($off < 1.25);
            foreach (hands($habits[$student], $n, $slip, $careless, $chance) as [$does, $much]) {
                $weight = $simulator->weight(HandlingChoices::of($does, $ingredient, $pantry));
                $mean = $good->mean + $much * ($weight->mean - $good->mean);
                $grams = WeightModel::drawOnScale(
                    $mean * (1 + ($weight->fillU * $chance->normal() + $weight->habitU * $own) / $weight->mean)
                        * exp($bag * $ingredient->cvBatch + ($station === 0 ? $cup : 0.0)), $scale, $chance,
                );
                $target = $simulator->target;
                $careful = hypot($good->fillU / $good->mean, ScaleReading::of($target->grams, $scale)->uncertainty() / 2 / $target->grams);
                $terms[$student][] = [$grams, $careful, $target];
                // Who slips and says so is left out when bag and cup are found; half of them do.
                if ($does === [] || $chance->even() < 0.5) {
                    $weighed[] = new Weighed($food, $ingredient->family->value, $food, "cup $station", 'scale', "#$student", $grams, $target->grams);
                }
            }
        }
        $blind = static fn (array $one, float $factor = 1.0): TermWeighing => new TermWeighing(
            log($one[0] / ($one[2]->grams * $factor)), $one[1], $one[2]->toleranceG() / $one[2]->grams,
        );
        $all = [];
        foreach ($terms as $student => $of) {
            foreach ($of as $one) {
                $all[] = [
                    'bag' => $food, 'tool' => 'cup '.$student % 6, 'student' => $student, 'weighing' => $blind($one), 'spread' => $ingredient->cvBatch,
                ];
            }
        }
        $known = KnownEffects::of(FoundMisses::of($weighed), $all);
        foreach ($terms as $student => $of) {
            $station = $student % 6;
            $read = ReadsAs::of(array_map(
                static fn (array $one): TermWeighing => $blind($one, $known->factor($food, "cup $station")), $of,
            ));
            $row = &$tally[$habits[$student]->value];
            $row ??= [0, 0, 0];
            $row[0]++;
            $row[1] += (int) ($read->habit === $habits[$student]);
            $row[2] += (int) ($read->habit === Habit::SameSlip);
            unset($row);
        }
    }

    return $tally;
}

/** @return array<string, array{float, float}> by habit: shares read right, and read as the same slip */
function readClasses(int $classes, int $n, float $bag = 0.0, float $cup = 0.0): array
{
    $sum = [];
    for ($seed = 1; $seed <= $classes; $seed++) {
        foreach (readClass($seed, $n, $bag, $cup) as $habit => $row) {
            $sum[$habit] = array_map(static fn (int $a, int $b): int => $a + $b, $sum[$habit] ?? [0, 0, 0], $row);
        }
    }

    return array_map(static fn (array $row): array => [$row[1] / $row[0], $row[2] / $row[0]], $sum);
}

it('reads known habits from eight weighings, and better from sixteen; never a cup or a bag as somebody\'s slip', function () {
    foreach ([[8, 0.0, 0.0, 0.7, 0.7], [16, 0.0, 0.0, 0.85, 0.85], [8, 1.5, 0.08, 0.7, 0.7]] as [$n, $bag, $cup, $scattered, $camps]) {
        $read = readClasses(4, $n, $bag, $cup);
        $said = json_encode([$n, $bag, $cup, $read]);
        expect($read['steady'][0])->toBeGreaterThanOrEqual(0.9, $said)
            ->and($read['same-slip'][0])->toBeGreaterThanOrEqual(0.9, $said)
            ->and($read['scattered'][0])->toBeGreaterThanOrEqual($scattered, $said)
            ->and($read['two-camps'][0])->toBeGreaterThanOrEqual($camps, $said)
            // Neither the bag nor the first station's cup makes a slip of a steady hand, but where half of a cup's few users slip against it.
            ->and($read['steady'][1])->toBeLessThanOrEqual(0.02, $said);
    }
})->group('slow');

/** @param  list<float>  $tolerances */
function readsAs(array $tolerances): ReadsAs
{
    return ReadsAs::of(array_map(static fn (float $one): TermWeighing => new TermWeighing($one * 0.08, 0.02, 0.08), $tolerances));
}

it('says what each of them is', function (array $tolerances, Habit $habit, float $pct, array $camps) {
    $read = readsAs($tolerances);
    expect($read->habit)->toBe($habit)->and($read->pct)->toEqualWithDelta($pct, 1.0)->and($read->camps)->toBe($camps)
        ->and($read->n)->toBe(count($tolerances))->and($read->sure)->toBeBetween(0.5, 1.0);
})->with([
    'steady' => [[0.1, -0.2, 0.3, 0.0, -0.1], Habit::Steady, 0.0, []],
    'over' => [[1.8, 2.0, 2.2, 1.9, 2.1], Habit::SameSlip, 17.4, []],
    'under' => [[-1.4, -1.6, -1.5, -1.5], Habit::SameSlip, -11.3, []],
    'steady but for once' => [[0.1, 0.0, 5.0, -0.2, 0.1, 0.2], Habit::Steady, 0.8, []],
    'scattered' => [[-1.8, 2.2, 0.4, -0.9, 1.3, -2.4, 1.9, 0.8], Habit::Scattered, 4.0, []],
    'two camps' => [[0.0, 2.0, 0.1, 2.1, -0.1, 1.9, 2.0, 0.05], Habit::TwoCamps, 17.4, [4, 4]],
    'three are too few' => [[2.0, 2.0, 2.0], Habit::NotYet, 17.4, []],
    'none' => [[], Habit::NotYet, 0.0, []],
]);

it('goes by how somebody measures now', function () {
    expect(readsAs([...array_fill(0, 20, 2.0), ...array_fill(0, 24, 0.0)])->habit)->toBe(Habit::Steady);
});

it('says the same of the mirrored weighings, and of any order', function () {
    mt_srand(7);
    for ($i = 0; $i < 200; $i++) {
        $some = array_map(static fn (): float => mt_rand(-300, 300) / 100, range(0, mt_rand(3, 12)));
        $read = readsAs($some);
        $mirrored = readsAs(array_map(static fn (float $one): float => -$one, $some));
        shuffle($some);
        expect($mirrored->habit)->toBe($read->habit)->and(readsAs($some)->habit)->toBe($read->habit);
    }
});
