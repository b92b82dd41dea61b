<?php

declare(strict_types=1);

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Recipe\ThenSteps;
use Hovik\Core\Simulator\HandlingChoices;
use Hovik\Core\Simulator\Simulator;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\Step;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrasebook;

// Degrees count for every family: each way of filling that anything offers has its figure, and its technique follows.

it('offers no choice at the bench without a figure in the data', function () {
    $pantry = Pantry::reference();
    $walked = 0;
    foreach ($pantry->ids() as $id) {
        $food = $pantry->ingredient($id);
        if ($food->family === Family::Counted) {
            continue;
        }
        $offered = HandlingChoices::offered($food, $pantry);
        foreach ($offered['preparation'] as $preparation) {
            foreach ($offered['filling'] as $filling) {
                foreach ($offered['settling'] as $settling) {
                    $hands = HandlingChoices::of(compact('preparation', 'filling', 'settling'), $food, $pantry);
                    $walked += $pantry->handlingFactor($food, $hands->handling($food, $pantry)) === null
                        ? $this->fail("$id: $preparation, $filling, $settling") : 1;
                }
            }
        }
    }
    expect($walked)->toBeGreaterThan(10_000);
});

it('weighs what is not packed as not packed', function (string $food, array $hands, Verdict $verdict) {
    $bench = new Simulator(
        Pantry::reference(), Pantry::reference()->ingredient($food), Amount::of('1', Unit::Cup), MeasureStandard::UsCustomary,
        ToleranceLevel::Practised,
    );
    $weight = $bench->weight(HandlingChoices::of($hands, $bench->ingredient, $bench->pantry))->mean;
    $off = $weight - $bench->target->grams;
    $is = abs($off) <= $bench->target->toleranceG() ? Verdict::Level : ($off > 0 ? Verdict::Heaped : Verdict::Shy);
    expect($is)->toBe($verdict);
})->with([
    'brown sugar spooned in' => ['light-brown-sugar', ['filling' => 'spooned'], Verdict::Shy],
    'brown sugar from a settled bag' => ['light-brown-sugar', ['filling' => 'spooned', 'preparation' => 'settled'], Verdict::Shy],
    'brown sugar packed' => ['light-brown-sugar', ['filling' => 'packed'], Verdict::Level],
    'butter spooned in' => ['butter', ['filling' => 'spooned'], Verdict::Shy],
    'butter pressed in' => ['butter', ['filling' => 'pressed-in'], Verdict::Level],
    'flour dipped from a settled bin' => ['all-purpose-flour', ['filling' => 'dipped', 'preparation' => 'settled'], Verdict::Heaped],
]);

it('asks no guess whose answer the data do not know', function () {
    for ($seed = 1; $seed <= 90; $seed++) {
        $setting = Setting::of($seed % 3 + 1);
        $figure = Quiz::question(Skill::GuessVerdict, $seed, $setting)->figure;
        $food = $setting->pantry->ingredient($figure['ingredient']);
        $hands = HandlingChoices::of($figure['hands'], $food, $setting->pantry);
        expect($setting->pantry->handlingFactor($food, $hands->handling($food, $setting->pantry)))->not->toBeNull();
    }
});

it('follows the degree that a recipe names, for every family that has one', function (string $line, ?HouseMethod $method, ?float $grams) {
    $read = (new LineReader(Pantry::reference()))->read($line);
    $settled = SettledLine::from($read, MeasureStandard::UsCustomary);
    expect($settled?->method)->toBe($method);
    if ($settled !== null && $grams !== null) {
        $planner = new LinePlanner(Pantry::reference(), [], MeasureStandard::UsCustomary, ToleranceLevel::Practised);
        $plan = $planner->plan($settled->ingredient, $settled->amount, Strictness::Structural, $settled->method);
        expect(round($plan->targetG->toFloat(), 1))->toBe($grams);
    }
})->with([
    ['1 cup lightly packed brown sugar', HouseMethod::PackedLight, 198.0], ['1 cup brown sugar, packed', HouseMethod::PackedFirm, 220.0],
    ['1 cup loosely packed brown sugar', HouseMethod::LooseFill, 145.2],
    ['1 taza de azúcar morena clara sin apretar', HouseMethod::LooseFill, 145.2],
    ['1 cup packed shredded coconut', HouseMethod::PackedFirm, null], ['1 cup raisins, packed', HouseMethod::PackedFirm, null],
    ['1 cup grated carrot, lightly packed', HouseMethod::PackedLight, null], ['1 cup flour', null, 125.0],
    ['1 cup sifted flour', HouseMethod::SiftSpoonLevel, null],
]);

it('asks where a family has no figure for the degree', function (string $line, bool $asks) {
    $read = (new LineReader(Pantry::reference()))->read($line);
    expect($read->has(Flag::NoFigure))->toBe($asks)->and(SettledLine::from($read, MeasureStandard::UsCustomary) === null)->toBe($asks);
})->with([
    ['1 cup packed sugar', true], ['1 cup sifted cornmeal', true], ['1 cup packed flour', true], ['1 cup loosely packed rice', true],
    ['1 cup sifted powdered sugar', false], ['200 g packed flour', false], ['1 cup packed butter', false], ['1 cup cornmeal, sifted', false],
]);

it('measures first what the recipe sifts afterwards, whatever the class does', function () {
    $pantry = Pantry::reference();
    $rules = HouseRules::of(['lumpy-powders' => 'sift'], [HouseMethod::SiftSpoonLevel]);
    expect($rules->methodFor($pantry->ingredient('bread-flour')))->toBe(HouseMethod::SiftSpoonLevel)
        ->and($rules->methodFor($pantry->ingredient('bread-flour'), true))->toBe(HouseMethod::StirSpoonLevel)
        ->and($rules->methodFor($pantry->ingredient('confectioners-sugar'), true))->toBe(HouseMethod::StirSpoonLevel)
        ->and(HouseRules::of([], [HouseMethod::DipSweep])->methodFor($pantry->ingredient('bread-flour'), true))->toBe(HouseMethod::DipSweep);
    // A class that packs its sugar lightly packs nothing else.
    expect(HouseRules::of([], [HouseMethod::PackedLight])->methodFor($pantry->ingredient('raisins')))->toBeNull();
    $settled = SettledLine::from((new LineReader($pantry))->read('1 cup flour, sifted'), MeasureStandard::UsCustomary);
    expect([$settled?->method, $settled?->isSiftedLater])->toBe([null, true]);
});

it('packs or leaves loose by its steps', function (string $food, ?HouseMethod $method, bool $packs) {
    $pantry = Pantry::reference();
    $cup = Hovik\Core\Drawer\ToolKind::DryCup;
    $steps = TechniqueCatalogue::for($pantry->ingredient($food), $method, $cup, $pantry)->steps;
    expect(in_array(Step::Pack, $steps, true))->toBe($packs);
})->with([
    ['light-brown-sugar', null, true], ['light-brown-sugar', HouseMethod::LooseFill, false],
    ['coconut-shredded', null, false], ['coconut-shredded', HouseMethod::PackedFirm, true], ['raisins', HouseMethod::PackedLight, true],
    ['raisins', HouseMethod::LooseFill, false],
]);

it('says what comes after the measuring, in both languages', function () {
    foreach (['en', 'es'] as $locale) {
        $said = array_map(Phrasebook::in($locale)->say(...), ThenSteps::of(['sifted', 'packed', 'melted', 'softened', 'zested', 'sifted']));
        expect($said)->toHaveCount(3)->and($said[0])->toBe($locale === 'en' ? 'Then sift it' : 'Luego ciérnelo');
    }
});

it('knows every degree’s handling', function (HouseMethod $method) {
    foreach (Family::cases() as $family) {
        if (! $method->suits($family)) {
            continue;
        }
        foreach (Pantry::reference()->ids() as $id) {
            $food = Pantry::reference()->ingredient($id);
            if ($food->family === $family && $food->gramsPerUsCup !== null) {
                expect(Pantry::reference()->handlingFactor($food, $method->handling()))->not->toBeNull("$id, $method->value");
            }
        }
    }
})->with(HouseMethod::cases());
