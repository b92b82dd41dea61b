<?php

declare(strict_types=1);

/*
 * How well the diagnosis does on mishaps made by other figures than its own, against the best that anybody could do who
 * knows those figures: bin/hovik bench diagnosis. Writes its tables, ready for docs/diagnosis.md, to standard output.
 */

use Hovik\Core\Diagnosis\Diagnostician;
use Hovik\Core\Diagnosis\Situation;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\ToolPlanner;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Chance;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Tests\Bench\Diagnosis\Outcome;
use Hovik\Tests\Bench\Diagnosis\Score;
use Hovik\Tests\Bench\Diagnosis\Setting;
use Hovik\Tests\Bench\Diagnosis\World;

require dirname(__DIR__, 2).'/vendor/autoload.php';
foreach (['World', 'Setting', 'Outcome', 'Score'] as $class) {
    require __DIR__."/diagnosis/$class.php";
}

const CASES = 5000;
define('SEED', (int) ($argv[1] ?? 20261124)); // another one makes other weighings

$lines = [
    ['bread-flour', '1 3/4', 'cup'], ['all-purpose-flour', '2/3', 'cup'], ['all-purpose-flour', '3', 'cup'],
    ['cake-flour', '1', 'cup', 'sift-spoon-level'], ['cocoa-powder', '1/4', 'cup'],
    ['whole-wheat-flour', '1 1/2', 'cup', 'dip-sweep'],
    ['granulated-sugar', '3/4', 'cup'], ['granulated-sugar', '2', 'tbsp'], ['light-brown-sugar', '3/4', 'cup'],
    ['dark-brown-sugar', '1/3', 'cup', 'packed-light'],
    ['baking-powder', '1', 'tsp'], ['baking-powder', '1', 'tbsp'], ['baking-soda', '1/2', 'tsp'], ['table-salt', '1', 'tsp'],
    ['coarse-salt-light-flakes', '1/2', 'tsp'], ['cardamom', '2', 'tsp'], ['cinnamon', '1', 'tbsp'],
    ['rolled-oats', '1', 'cup'], ['cornmeal', '1/2', 'cup'], ['raisins', '1/2', 'cup'], ['walnuts-chopped', '1/3', 'cup'],
    ['soft-cheese-shredded', '1', 'cup'], ['butter', '6', 'tbsp'], ['peanut-butter', '1/2', 'cup'],
    ['whole-milk', '12', 'fl-oz'], ['whole-milk', '1', 'cup'], ['water', '2/3', 'cup'], ['vegetable-oil', '1/3', 'cup'],
    ['vanilla-extract', '2', 'tsp'], ['honey', '1/3', 'cup'], ['molasses', '3/4', 'cup'], ['yogurt-plain', '1/2', 'cup'],
    ['pumpkin-puree', '1', 'cup'],
];
$us = MeasureStandard::UsCustomary;
$pantry = Pantry::reference();
$drawer = array_map(static fn (string $id) => ToolCatalogue::tool($id, $us), [
    'dry-cup-us-1-4', 'dry-cup-us-1-3', 'dry-cup-us-1-2', 'dry-cup-us-1', 'spoon-us-1-8-tsp', 'spoon-us-1-4-tsp',
    'spoon-us-1-2-tsp', 'spoon-us-1-tsp',
    'spoon-us-1-tbsp', 'liquid-measure-us-1-cup', 'liquid-measure-us-2-cup',
]);
$planner = new ToolPlanner($pantry);
$chance = new Chance(SEED);
$pick = static fn (array $from): mixed => $from[(int) floor($chance->even() * count($from))];

/** @var list<array{Setting, list<array<string, float>>}> */
$cases = [];
$settings = [];
foreach ($lines as $line) {
    [$id, $number, $unit] = $line;
    $ingredient = $pantry->ingredient($id);
    $method = isset($line[3]) ? HouseMethod::from($line[3]) : null;
    $plans = $planner->plan(Amount::of($number, Unit::from($unit)), $ingredient, $drawer, $us, $method);
    $fills = $plans->best()?->fills ?? [];
    if ($fills === []) {
        throw new LogicException("no plan for $number $unit of $id");
    }
    foreach ([0.1, 1.0, 2.0] as $step) {
        if ($plans->weighG < 30 && $step > 0.1) {
            continue;
        }
        foreach ([null, 12.0, 187.0, 340.0] as $container) {
            foreach ([1.0, 1.0, 0.5, 2.0] as $factor) {
                $others = array_map(static fn (float $times): float => $times * $plans->weighG, [0.4, 2.5]);
                $settings[$id][] = new Setting($pantry, $ingredient, $number, $unit, $fills, Situation::handlingOf($ingredient, $method)->value, $method?->value, $drawer,
                    array_map(
                        static fn (Step $s): string => $s->value, $plans->technique->steps,
                    ), $plans->weighG, $step, $container, $factor, $others);
            }
        }
    }
}
$settings = array_values($settings);

$score = ['with steps' => [new Score, new Score], 'without' => [new Score, new Score]];
$from = hrtime(true);
$times = [];
for ($n = 0; $n < CASES; $n++) {
    $at = $pick($pick($settings));
    $rates = World::rates($at);
    $label = Outcome::pick($rates, $chance);
    $grams = Outcome::draw(World::parts($label, $at), $at, $chance);
    $skipped = array_values(array_filter($at->steps, static fn (string $step): bool => $chance->even() < World::skips($step, $label)));
    foreach ($score as $which => [$ours, $ceiling]) {
        $knows = $which === 'with steps';
        $best = [];
        foreach ($rates as $one => $rate) {
            $best[$one] = $rate * Outcome::likelihood(World::parts($one, $at), $grams, $at) * ($knows ? World::ofSteps($one, $at, $skipped) : 1.0);
        }
        $all = array_sum($best);
        $best = array_map(static fn (float $p): float => $p / $all, $best);
        arsort($best);
        $steps = static fn (array $ids): array => array_values(array_filter(array_map(Step::tryFrom(...), $ids)));
        $begun = hrtime(true);
        $diagnosis = Diagnostician::diagnose(new Situation(
            $pantry, $at->ingredient, Amount::of($at->amount, Unit::from($at->unit)), $us, $at->fills,
            $at->method === null ? null : HouseMethod::from($at->method), $at->targetG,
            ScaleReading::of($grams, new Scale($at->step, 0.0)), $knows ? $steps(array_diff($at->steps, $skipped)) : [],
            $knows ? $steps($skipped) : [], $at->containerG, $drawer, $at->factor, $at->others,
        ));
        $times[] = (hrtime(true) - $begun) / 1e6;
        $ranked = [];
        foreach ($diagnosis->causes as $cause) {
            $ranked[$cause->cause->value] = ($ranked[$cause->cause->value] ?? 0.0) + $cause->p;
        }
        $overlaps = static fn (string $other): bool => Outcome::overlap(World::parts($label, $at), World::parts($other, $at), $at) > 0.5;
        $ours->add($label, $ranked, $overlaps);
        $ceiling->add($label, $best, $overlaps);
    }
}
sort($times);
printf(
    "%d weighings, seed %d; %.1f s. One diagnosis: median %.2f ms, p95 %.2f ms.\n\n", CASES, SEED, (hrtime(true) - $from) / 1e9,
    $times[(int) (count($times) / 2)], $times[(int) (count($times) * 0.95)],
);
foreach ($score as $which => [$ours, $ceiling]) {
    Score::table($which, $ours, $ceiling);
}
[$ours, $ceiling] = $score['with steps'];
Score::details($ours, $ceiling);
$bad = [];
foreach ($score as $which => [$ours, $ceiling]) {
    foreach (['top1' => 3.0, 'top3' => 3.0] as $figure => $points) {
        if ($ceiling->percent($figure) - $ours->percent($figure) > $points) {
            $bad[] = "$figure $which";
        }
    }
    if ($ours->percent('blamed') >= 2 && $ours->percent('blamed') > $ceiling->percent('blamed') + 1) {
        $bad[] = "blamed $which";
    }
}
echo $bad === [] ? "All aims met.\n" : 'Aims missed: '.implode(', ', $bad).".\n";
exit($bad === [] ? 0 : 1);
