<?php

declare(strict_types=1);

/*
 * In-process time of the core's rules, without shell, web server or database: bin/hovik bench core.
 * Every ingredient by usual amounts, on a drawer as a school has it.
 */

use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\ToolPlanner;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;

require dirname(__DIR__, 2).'/vendor/autoload.php';

/** @param  list<callable(): mixed>  $calls */
function report(string $what, array $calls): void
{
    array_map(static fn (callable $call): mixed => $call(), array_slice($calls, 0, 200)); // warm
    $times = [];
    foreach ($calls as $call) {
        $from = hrtime(true);
        $call();
        $times[] = (hrtime(true) - $from) / 1000;
    }
    sort($times);
    $at = static fn (float $share): float => $times[(int) floor($share * (count($times) - 1))];
    printf(
        "%-8s %5d calls   median %7.1f us   p95 %7.1f us   p99 %7.1f us   most %8.1f us\n", $what, count($times), $at(0.5), $at(0.95),
        $at(0.99), $at(1.0),
    );
}

$pantry = Pantry::reference();
$us = MeasureStandard::UsCustomary;
$drawer = array_map(static fn (string $id) => ToolCatalogue::tool($id, $us), [
    'dry-cup-us-1-4', 'dry-cup-us-1-3', 'dry-cup-us-1-2', 'dry-cup-us-1', 'spoon-us-1-8-tsp', 'spoon-us-1-4-tsp',
    'spoon-us-1-2-tsp', 'spoon-us-1-tsp',
    'spoon-us-1-tbsp', 'liquid-measure-us-1-cup', 'liquid-measure-us-2-cup', 'liquid-measure-us-4-cup', 'butter-wrapper-us-stick',
]);
// Any drawer and any amount: a few tools of any kind or all there are, both sets of spoons and every jug; thirds and sevenths, times 200.
$random = new Random\Randomizer(new Random\Engine\Mt19937(3));
$tools = array_values(array_filter(ToolCatalogue::ids(), static fn (string $id): bool => ! ToolCatalogue::isScale($id)));
$any = [];
foreach (range(1, 1000) as $round) {
    $standard = [
        MeasureStandard::UsCustomary, MeasureStandard::UsLabel240, MeasureStandard::Metric250, MeasureStandard::Australian,
    ][$round % 4];
    $owned = $round % 3 === 0 ? array_keys($tools) : $random->pickArrayKeys($tools, $random->getInt(1, 20));
    $all = array_map(static fn (int $k) => ToolCatalogue::tool($tools[$k], $standard), $owned);
    $food = $pantry->ingredient(['whole-milk', 'bread-flour', 'honey', 'baking-powder', 'butter', 'sour-cream'][$round % 6]);
    $amount = Amount::of(
        $random->getInt(1, 2000).'/'.[1, 2, 3, 7, 8, 16][$random->getInt(0, 5)], [Unit::Cup, Unit::Teaspoon, Unit::Millilitre][$round % 3],
    );
    $any[] = static fn () => (new ToolPlanner($pantry))->plan($amount, $food, $all, $standard);
}
$planner = new ToolPlanner($pantry);
$plans = $judgements = [];
foreach ($pantry->ids() as $id) {
    $ingredient = $pantry->ingredient($id);
    if ($ingredient->gramsPerUsCup === null) {
        continue;
    }
    foreach ([
        ['1 3/4', Unit::Cup], ['2/3', Unit::Cup], ['5/8', Unit::Cup], ['1/6', Unit::Cup], ['6', Unit::FluidOunce],
        ['3', Unit::Tablespoon], ['1 1/2', Unit::Teaspoon], ['7', Unit::Cup], ['0.3', Unit::Cup],
    ] as [$number, $unit]) {
        $amount = Amount::of($number, $unit);
        $plans[] = static fn () => $planner->plan($amount, $ingredient, $drawer, $us);
    }
}
$scale = new Scale(1.0, null, 5000.0, 0.01);
foreach (range(1, 5000) as $i) {
    $target = Target::of(1 + $i / 10, Tolerance::of(5, 1));
    $judgements[] = static fn () => Judge::judge($target, ScaleReading::of((float) ($i % 600), $scale), 1 + $i / 11);
}
$made = $marked = [];
foreach (Skill::cases() as $skill) {
    foreach (range(1, 60) as $seed) {
        $made[] = static fn () => Quiz::question($skill, $seed, Setting::of($seed % 3 + 1));
        $question = Quiz::question($skill, $seed, Setting::of($seed % 3 + 1));
        $marked[] = static fn () => $question->mark($question->expected->key()[0]);
    }
}
report('quiz', $made);
report('mark', $marked);
report('any plan', $any);
report('plan', $plans);
report('judge', $judgements);

// Two hundred lines of every form: the conformance cases of the reader, over and over.
/** @var list<array{given: array{text: string}}> $cases */
$cases = json_decode((string) file_get_contents(dirname(__DIR__).'/Core/conformance/read.json'), true);
$reader = new LineReader($pantry);
$reads = array_map(
    static fn (int $i): callable => static fn () => $reader->read($cases[$i % count($cases)]['given']['text']), range(0, 199),
);
report('read', $reads);
$from = hrtime(true);
array_map(static fn (callable $read): mixed => $read(), $reads);
printf("200 lines read in %.1f ms\n", (hrtime(true) - $from) / 1e6);
