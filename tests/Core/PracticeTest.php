<?php

declare(strict_types=1);

use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\JugView;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Words\Phrasebook;

require_once __DIR__.'/practice/solver.php';

it('asks about every family, and for the jug as often as for another tool', function () {
    $offered = $right = 0;
    $families = $amounts = [];
    foreach (Skill::measuring() as $skill) {
        for ($seed = 0; $seed < 200; $seed++) {
            $question = Quiz::question($skill, $seed, Setting::of($seed % 3 + 1));
            $families[$skill->value][$question->about?->value] = true;
            $isJug = fn (string $id): bool => preg_match('/^(jug$|liquid-measure)/', $id) === 1;
            $ids = array_map(fn (Choice $one) => $one->id, $question->choices);
            if (array_filter($ids, $isJug) !== [] && array_filter($ids, fn (string $id) => ! $isJug($id)) !== []) {
                $offered++;
                $key = $question->expected->key()[0];
                $right += array_filter(is_array($key) ? array_keys($key) : $question->expected->key(), $isJug) === [] ? 0 : 1;
            }
            if (preg_match('~(?:Measure|says|are) ((?:\d+ )?(?:\d+/)?\d+) (cup|tbsp|tsp)~', Phrasebook::in('en')->say($question->prompt), $m) === 1) {
                $amounts["$m[1] $m[2]"] = true;
            }
        }
    }
    expect($right / $offered)->toBeGreaterThan(0.3)->toBeLessThan(0.7);
    $all = array_column(Hovik\Core\Pantry\Family::cases(), 'value');
    $of = fn (Skill $skill): array => array_values(array_intersect($all, array_keys($families[$skill->value])));
    expect($of(Skill::LevelsItself))->toBe(array_values(array_diff($all, ['leavener-spice'])))
        ->and($of(Skill::OrderSteps))->toBe(array_values(array_diff($all, ['shredded'])))
        ->and($of(Skill::ChooseTools))->toBe(array_values(array_diff($all, ['counted', 'whole-irregular'])))
        ->and(count($of(Skill::GuessVerdict)))->toBeGreaterThan(9)
        ->and(count($of(Skill::Convert)))->toBeGreaterThan(10);
    // Nobody writes a third of a tablespoon, or an eighth of a cup of milk.
    foreach (array_keys($amounts) as $amount) {
        expect($amount)->toMatch('~^((\d+ )?[123]/[234] cup|\d+ (cup|tbsp|tsp)|(1 )?1/2 tbsp|(\d )?[13]/[24] tsp|1/8 tsp)$~');
    }
})->group('slow');

it('asks of a family what can be asked of it', function () {
    foreach (Skill::measuring() as $skill) {
        foreach ($skill->families() as $family) {
            for ($seed = 0; $seed < 12; $seed++) {
                $question = Quiz::question($skill, $seed, Setting::of($seed % 3 + 1, about: $family));
                expect($question->about)->toBe($family, "$skill->value $family->value $seed");
            }
        }
    }
});

it('asks about what the class bakes with', function () {
    $own = ['honey', 'whole-milk', 'rye-flour'];
    foreach ([Skill::Convert, Skill::OrderSteps, Skill::ScaleRecipe] as $skill) {
        $seen = [];
        for ($seed = 0; $seed < 60; $seed++) {
            $seen[Quiz::question($skill, $seed, Setting::of($seed % 3 + 1, foods: $own))->about?->value] = true;
        }
        expect(array_diff(array_keys($seen), ['viscous-liquid', 'thin-liquid', 'fine-powder', '']))->toBe([]);
    }
    $rye = 0;
    for ($seed = 0; $seed < 60; $seed++) {
        $question = Quiz::question(Skill::RankWeights, $seed, Setting::of(1, foods: $own));
        $rye += in_array('rye-flour', array_map(fn (Choice $one) => $one->id, $question->choices), true) ? 1 : 0;
    }
    expect($rye)->toBeGreaterThan(5);
});

it('reads the jug that a teacher wants: its column, and from where', function (Unit $column, string $eye, int $deg) {
    for ($seed = 0; $seed < 60; $seed++) {
        $setting = Setting::of($seed % 3 + 1)->reading(new JugView($column, $eye));
        $question = Quiz::question(Skill::ReadJug, $seed, $setting);
        $unit = ['cup' => 'cups', 'fl-oz' => 'fluid ounces', 'ml' => 'milliliters'][$column->value];
        expect(Phrasebook::in('en')->say($question->prompt))->toContain("in $unit?")->and($question->figure['eye_deg'])->toBe($deg);
        $line = Quiz::question(Skill::JugColumn, $seed, $setting);
        expect(Phrasebook::in('en')->say($line->prompt))->toMatch('~ (cups?|fl oz|mL) of ~');
    }
})->with([[Unit::Cup, 'below', -30], [Unit::FluidOunce, 'level', 0], [Unit::Millilitre, 'above', 30]]);

it('leaves out what the class does not meet: thirds, millilitres, the oven', function () {
    $without = HouseRules::of(['thirds' => 'no', 'metric' => 'no', 'oven' => 'no']);
    foreach (Skill::cases() as $skill) {
        for ($seed = 0; $seed < 60; $seed++) {
            $question = Quiz::question($skill, $seed, Setting::of($seed % 3 + 1, schools: $without));
            $said = [$question->prompt, ...($question->picture === null ? [] : [$question->picture]), ...array_map(fn (Choice $one) => $one->said, $question->choices)];
            foreach ($said as $phrase) {
                $text = Phrasebook::in('en')->say($phrase);
                expect(preg_match('~\d/3|\d mL|millilitre~', $text))->toBe(0, "$skill->value $seed: $text");
            }
            expect($question->about)->not->toBe(SafetyPoint::Oven);
        }
    }
    expect(array_map(fn (Aim $aim) => $aim->id(), Aim::allWith([], Setting::of(1, schools: $without)->points())))->not->toContain('oven')
        ->toContain('knives');
});

it('asks about the class\'s own cups only, where the drawer holds two systems', function () {
    $mixed = array_map(fn (string $id) => ToolCatalogue::tool($id, MeasureStandard::Metric250), [
        'dry-cup-us-1-4', 'dry-cup-us-1-3', 'dry-cup-us-1-2', 'dry-cup-us-1', 'dry-cup-metric-125-ml', 'dry-cup-metric-250-ml',
        'spoon-us-1-tbsp', 'spoon-us-1-tsp', 'spoon-metric-15-ml', 'liquid-measure-us-2-cup',
    ]);
    foreach ([Skill::PickCup, Skill::ChooseTools, Skill::CombineTools, Skill::NameTool, Skill::SpotMug] as $skill) {
        for ($seed = 0; $seed < 60; $seed++) {
            foreach (Quiz::question($skill, $seed, Setting::of($seed % 3 + 1, MeasureStandard::Metric250, $mixed))->choices as $choice) {
                expect($choice->id)->not->toMatch('/^(dry-cup|spoon)-us/');
            }
        }
    }
});

it('knows an Australian tablespoon', function () {
    $seen = [];
    for ($seed = 0; $seed < 200; $seed++) {
        $setting = Setting::of($seed % 3 + 1, MeasureStandard::Australian);
        foreach (Quiz::question(Skill::ChooseTools, $seed, $setting)->choices as $choice) {
            $seen[$choice->id] = true;
        }
        $question = Quiz::question(Skill::Equivalents, $seed, $setting);
        if (Phrasebook::in('en')->say($question->prompt) === 'How many teaspoons are 3 tbsp?') {
            expect($question->mark('12')->isRight)->toBeTrue()->and($question->mark('9')->misconception)->toBe('other-ratio-au');
            $seen['three'] = true;
        }
    }
    expect($seen)->toHaveKeys(['spoon-au-20-ml', 'three'])->not->toHaveKey('spoon-metric-15-ml');
});

it('knows what each way of measuring does before it asks to guess it', function () {
    for ($seed = 0; $seed < SEEDS; $seed += 4) {
        $question = Quiz::question(Skill::GuessVerdict, $seed, Setting::of($seed % 3 + 1));
        preg_match('~weighs about ([\d.]+) g; the target is ([\d.]+) g~', Phrasebook::in('en')->say($question->explanation), $m);
        $ratio = (float) $m[1] / (float) $m[2];
        // Practised: from 5 to 10 per cent, by family.
        $verdict = $question->expected->key()[0];
        match ($verdict) {
            'heaped' => expect($ratio)->toBeGreaterThan(1.05),
            'shy' => expect($ratio)->toBeLessThan(0.95),
            default => expect(abs($ratio - 1))->toBeLessThan(0.07),
        };
    }
})->group('slow');

it('takes a number in any equal form, and knows the slip behind a wrong one', function () {
    for ($seed = 0; $seed < 300; $seed++) {
        $question = Quiz::question(Skill::ScaleRecipe, $seed, Setting::of(2));
        [$number] = firstAmount(Phrasebook::in('en')->say($question->prompt));
        expect($question->mark($question->expected->key()[0])->isRight)->toBeTrue();
        $added = $question->mark(
            sprintf(
                '%d/96',
                (int) round(
                    96 * ($number + plain(preg_match(
                        '~Multiply it by (.+?)\.~', Phrasebook::in('en')->say($question->prompt), $m,
                    ) === 1 ? $m[1] : '')),
                ),
            ),
        );
        expect(
            $added->isRight
                || in_array($added->misconception, ['added', 'whole-only', 'fraction-only', 'upside-down'], true),
        )->toBeTrue();
    }
    $question = Quiz::question(Skill::ScaleRecipe, 1, Setting::of(1));
    $key = $question->expected->key()[0];
    foreach ([$key, " $key ", plain($key)] as $form) {
        expect($question->mark($form)->isRight)->toBeTrue();
    }
});

it('takes any way of tools that adds up, and says what is wrong with others', function () {
    $question = null;
    for ($seed = 0; $question === null; $seed++) {
        $one = Quiz::question(Skill::ChooseTools, $seed, Setting::of(1));
        $question = $one->expected->key()[0] === ['dry-cup-us-1-2' => 1] ? $one : null;
    }
    expect($question->mark(['dry-cup-us-1-4' => 2])->isRight)->toBeTrue()
        ->and($question->mark(['spoon-us-1-tbsp' => 8])->isRight)->toBeTrue()
        ->and($question->mark(['dry-cup-us-1' => 1])->misconception)->toBe('too-much')
        ->and($question->mark(['dry-cup-us-1-4' => 1])->misconception)->toBe('too-little')
        ->and($question->mark(['liquid-measure-us-1-cup@1/2 cup' => 1])->misconception)->toBe('jug-for-dry')
        ->and($question->condition)->not->toBeNull();
});

it('takes steps that may stand either way, and tells a wrong order from a wrong step', function () {
    $question = null;
    for ($seed = 0; $question === null; $seed++) {
        $one = Quiz::question(Skill::OrderSteps, $seed, Setting::of(1));
        $question = in_array('spoon-heaped', $one->expected->key()[0], true)
                && in_array('loosen', $one->expected->key()[0], true) ? $one : null;
    }
    $right = $question->expected->key()[0];
    $stranger = array_values(array_diff(array_map(fn (Choice $choice) => $choice->id, $question->choices), $right))[0];
    [$a, $b] = [array_search('loosen', $right, true), array_search('over-paper', $right, true)];
    $swapped = $right;
    [$swapped[$a], $swapped[$b]] = [$right[$b], $right[$a]];
    expect($question->mark($right)->isRight)->toBeTrue()->and($question->mark($swapped)->isRight)->toBeTrue()
        ->and($question->mark(array_reverse($right))->misconception)->toBe('order')
        ->and($question->mark([...$right, $stranger])->misconception)->toBe('stranger')
        ->and($question->mark(array_slice($right, 1))->misconception)->toBe('left-out');
});

it('follows the class: its cup, its drawer, its house method', function () {
    $metric = Quiz::question(Skill::PickCup, 3, Setting::of(1, MeasureStandard::Metric250));
    expect(array_filter($metric->choices, fn (Choice $choice) => str_contains($choice->id, 'metric')))->toHaveCount(4);
    $own = array_map(
        fn (string $id) => ToolCatalogue::tool($id, MeasureStandard::UsCustomary),
        ['dry-cup-us-1-4', 'dry-cup-us-1-2', 'dry-cup-us-1', 'spoon-us-1-tsp', 'spoon-us-1-tbsp', 'spoon-us-1-2-tsp'],
    );
    for ($seed = 0; $seed < 100; $seed++) {
        $question = Quiz::question(Skill::ChooseTools, $seed, Setting::of(2, drawer: $own));
        $lent = array_diff(array_map(fn (Choice $choice) => $choice->id, $question->choices), array_map(fn ($tool) => $tool->id, $own));
        expect($lent)->not->toBe([])->each->toStartWith('liquid-measure'); // there is none of its own
    }
    $dips = Setting::of(1, schools: HouseRules::of([], [HouseMethod::DipSweep]));
    for ($seed = 0; $seed < 40; $seed++) {
        $question = Quiz::question(Skill::OrderSteps, $seed, $dips);
        if (str_contains(Phrasebook::in('en')->say($question->prompt), 'all-purpose flour')) {
            expect($question->expected->key()[0])->toContain('dip-heaped')->not->toContain('spoon-heaped');
        }
    }
});

it('asks in every standard', function (MeasureStandard $standard) {
    foreach (Skill::cases() as $skill) {
        for ($seed = 0; $seed < 30; $seed++) {
            $question = Quiz::question($skill, $seed, Setting::of($seed % 3 + 1, $standard));
            expect($question->mark($question->expected->key()[0])->isRight)->toBeTrue("$skill->value $seed");
        }
    }
})->group('slow')->with([MeasureStandard::UsLabel240, MeasureStandard::Metric250, MeasureStandard::Australian]);

it('refuses what is no answer, at its field', function (Skill $skill, mixed $answer) {
    expect(fn () => Quiz::question($skill, 1, Setting::of(1))->mark($answer))->toThrow(InvalidInput::class);
})->with([
    [Skill::NameTool, 'a hat'], [Skill::NameTool, null], [Skill::NameTool, ['spoon-us-1-tsp']], [Skill::ScaleRecipe, 'a lot'],
    [Skill::ScaleRecipe, [1]], [Skill::ScaleRecipe, ''],
    [Skill::OrderSteps, 'loosen'], [Skill::OrderSteps, ['dance']], [Skill::ChooseTools, []], [Skill::ChooseTools, ['hat' => 1]],
    [Skill::ChooseTools, ['dry-cup-us-1' => -1]], [Skill::ChooseTools, ['dry-cup-us-1' => 1.5]],
    [Skill::ReadWording, [99]], [Skill::ReadWording, 'sifted'], [Skill::WorkScale, ['kick']], [Skill::WorkScale, 'tare'],
]);

it('makes and marks a question quickly', function () {
    $made = $marked = [];
    foreach (Skill::cases() as $skill) {
        for ($seed = 0; $seed < 40; $seed++) {
            $from = hrtime(true);
            $question = Quiz::question($skill, $seed, Setting::of($seed % 3 + 1));
            $made[] = hrtime(true) - $from;
            $from = hrtime(true);
            $question->mark($question->expected->key()[0]);
            $marked[] = hrtime(true) - $from;
        }
    }
    sort($made);
    sort($marked);
    expect($made[(int) (count($made) / 2)] / 1e6)->toBeLessThan(5.0)->and($marked[(int) (count($marked) / 2)] / 1e6)->toBeLessThan(5.0);
})->group('slow');
