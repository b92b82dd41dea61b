<?php

declare(strict_types=1);

use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Simulator\DrawnScale;
use Hovik\Core\Simulator\HandlingChoices;
use Hovik\Core\Simulator\Simulator;
use Hovik\Core\Simulator\TwoWays;
use Hovik\Core\Weighing\ToleranceLevel;

$pantry = fn () => Pantry::reference();
$bench = fn (string $id = 'bread-flour', string $number = '1 3/4', Unit $unit = Unit::Cup, int $plan = 0) => new Simulator(
    Pantry::reference(), Pantry::reference()->ingredient($id), Amount::of($number, $unit), MeasureStandard::UsCustomary,
    ToleranceLevel::Practised, $plan,
);
$hands = fn (string $id, array $given = []) => HandlingChoices::of($given, Pantry::reference()->ingredient($id), Pantry::reference());
$handling = fn (string $id, array $given) => $hands($id, $given)->handling(Pantry::reference()->ingredient($id), Pantry::reference());

describe('the hands', function () use ($hands, $handling) {
    it('measure well when nobody says otherwise', function (string $id, Handling $reference) use ($hands, $handling) {
        expect($handling($id, []))->toBe($reference)->and($hands($id)->way()->heaped)->toBe(0.0);
    })->with([
        ['bread-flour', Handling::StirredSpooned], ['granulated-sugar', Handling::Dipped], ['light-brown-sugar', Handling::PackedFirm],
        ['rolled-oats', Handling::Loose], ['whole-milk', Handling::Poured], ['butter', Handling::PressedIntoTool],
    ]);

    it('come to the handling that was done last', function (array $given, Handling $expected) use ($handling) {
        expect($handling('bread-flour', $given))->toBe($expected);
    })->with([
        [['filling' => 'dipped'], Handling::Dipped],
        [['filling' => 'dipped', 'preparation' => 'settled'], Handling::DippedCompactedBin],
        [['preparation' => 'settled'], Handling::Spooned],
        [['settling' => 'tapped'], Handling::Tapped], [['filling' => 'dipped', 'settling' => 'pressed'], Handling::PressedLight],
        [['filling' => 'packed'], Handling::PackedFirm],
        [['preparation' => 'sifted'], Handling::Sifted], [['preparation' => 'lumpy'], Handling::Lumpy],
    ]);

    it('are offered only what means something for the food, each with a weight', function () use ($handling) {
        foreach (Pantry::reference()->ids() as $id) {
            $ingredient = Pantry::reference()->ingredient($id);
            if ($ingredient->family === Family::Counted) {
                continue;
            }
            $offered = HandlingChoices::offered($ingredient, Pantry::reference());
            foreach ($offered as $group => $choices) {
                foreach ($choices as $choice) {
                    expect(
                        Pantry::reference()->handlingFactor($ingredient, $handling($id, [$group => $choice])),
                    )->not->toBeNull("$id $group $choice");
                }
            }
        }
        expect(HandlingChoices::offered(Pantry::reference()->ingredient('whole-milk'), Pantry::reference())['levelling'])->toBe(['level']);
    });

    it('refuse what cannot be, at its field', function (string $id, array $given, string $field) use ($hands) {
        try {
            $hands($id, $given);
            $at = null;
        } catch (InvalidInput $refusal) {
            $at = $refusal->field;
        }
        expect($at)->toBe($field);
    })->with([
        ['whole-milk', ['levelling' => 'heaped'], 'levelling'], ['bread-flour', ['filling' => 'thrown'], 'filling'],
        ['bread-flour', ['filling' => 7], 'filling'],
        ['whole-milk', ['eye_deg' => 80], 'eye_deg'], ['whole-milk', ['eye_deg' => 'high'], 'eye_deg'],
        ['whole-milk', ['share_across' => 0.9], 'share_across'],
        ['whole-milk', ['curve' => 'sideways'], 'curve'], ['whole-milk', ['held' => 'maybe'], 'held'],
        ['honey', ['scraped' => 'a bit'], 'scraped'],
    ]);
});

describe('the bench', function () use ($bench, $hands) {
    it('draws the same for the same seed, so that a class sees the same', function () use ($bench, $hands) {
        $scale = new Scale(1.0, 0.0);
        expect($bench()->draws($hands('bread-flour'), $scale, 50, 4))->toBe($bench()->draws($hands('bread-flour'), $scale, 50, 4))
            ->and($bench()->draws($hands('bread-flour'), $scale, 50, 5))->not->toBe($bench()->draws($hands('bread-flour'), $scale, 50, 4));
    });
    it('shows spooned beside dipped: a tenth heavier, and seldom Level', function () use ($bench, $hands) {
        $two = TwoWays::of($bench(), $hands('bread-flour'), $hands('bread-flour', ['filling' => 'dipped']), new Scale(1.0, 0.0), 200, 9);
        expect($two->other['mean_g'] / $two->one['mean_g'])->toEqualWithDelta(1.10, 0.015)
            ->and($two->one['level'])->toBeGreaterThan(150)->and($two->other['level'])->toBeLessThan(90);
        foreach (['one', 'other'] as $side) {
            expect(array_sum(array_column($two->bins, $side)))->toBe(200)
                ->and($two->$side['level'] + $two->$side['heaped'] + $two->$side['shy'] + $two->$side['too_close'])->toBe(200);
        }
        foreach (array_slice($two->bins, 1) as $i => $bin) {
            expect($bin['from_g'])->toBe($two->bins[$i]['to_g']);
        }
    });
    it('measures every food it offers in every amount it offers', function () use ($bench) {
        foreach (Pantry::reference()->ids() as $id) {
            $ingredient = Pantry::reference()->ingredient($id);
            if ($ingredient->family === Family::Counted || $ingredient->family === Family::WholeIrregular) {
                continue;
            }
            $tried = 0;
            foreach (Simulator::amountsFor($ingredient) as [$number, $unit]) {
                try {
                    expect($bench($id, $number, Unit::from($unit))->target->grams)->toBeGreaterThan(0.0);
                    $tried++;
                } catch (InvalidInput $refusal) {
                    expect($refusal->field)->toBe('plan');
                }
            }
            expect($tried)->toBeGreaterThan(2, $id);
        }
    })->group('slow');
    it('has the class\'s own cups and spoons on the table', function (MeasureStandard $standard, string $number, Unit $unit, string $tool) {
        $made = new Simulator(
            Pantry::reference(), Pantry::reference()->ingredient('cinnamon'), Amount::of($number, $unit), $standard,
            ToleranceLevel::Practised,
        );
        expect($made->plan->exact)->toBeTrue()->and($made->plan->fills[0]->tool->id)->toBe($tool);
    })->with([
        [MeasureStandard::UsCustomary, '1', Unit::Tablespoon, 'spoon-us-1-tbsp'],
        [MeasureStandard::UsLabel240, '1', Unit::Tablespoon, 'spoon-us-1-tbsp'],
        [MeasureStandard::Metric250, '1', Unit::Tablespoon, 'spoon-metric-15-ml'],
        [MeasureStandard::Australian, '1', Unit::Tablespoon, 'spoon-au-20-ml'],
    ]);
    it('refuses eggs, plans there are not, and too many draws', function () use ($bench, $hands) {
        expect(fn () => $bench('egg-large'))->toThrow(InvalidInput::class)->and(fn () => $bench(plan: 99))->toThrow(InvalidInput::class)
            ->and(fn () => $bench()->draws($hands('bread-flour'), new Scale(1.0), 501, 1))->toThrow(InvalidInput::class)
            ->and(fn () => $bench()->draws($hands('bread-flour'), new Scale(1.0), 0, 1))->toThrow(InvalidInput::class);
    });
});

describe('the drawn scale', function () {
    $shows = function (array $actions, float $bowl = 187.0, float $food = 218.75, float $capacity = 5000.0, float $step = 1.0): array {
        $scale = DrawnScale::after($actions, new Scale($step, 0.0, $capacity), $bowl, $food);

        return [$scale->number(), $scale->unit, $scale->note?->id, $scale->isOverloaded()];
    };
    it(
        'weighs as it should: on, bowl, tare, pour',
        fn () => expect($shows(['power', 'bowl', 'tare', 'pour']))->toBe([219.0, 'g', null, false]),
    );
    it('counts the bowl when nobody tared it', fn () => expect($shows(['power', 'bowl', 'pour'])[0])->toBe(406.0));
    it('counts the bowl too when it was tared before the bowl', fn () => expect($shows(['power', 'tare', 'bowl', 'pour'])[0])->toBe(406.0));
    it('counts from what lay on it when it was switched on', fn () => expect($shows(['bowl', 'power', 'pour'])[0])->toBe(219.0));
    it('goes round its units', function () use ($shows) {
        expect($shows(['power', 'bowl', 'tare', 'pour', 'unit']))->toBe([7.7, 'oz', null, false])
            ->and($shows(['power', 'bowl', 'tare', 'pour', 'unit', 'unit']))->toBe([0.48, 'lb', null, false])
            ->and($shows(['power', 'bowl', 'tare', 'pour', 'unit', 'unit', 'unit'])[1])->toBe('mL')
            ->and($shows(['power', 'bowl', 'tare', 'pour', 'unit', 'unit', 'unit', 'unit'])[1])->toBe('g');
    });
    it('forgets its zero when it switches itself off', function () use ($shows) {
        expect($shows(['power', 'bowl', 'tare', 'wait']))->toBe([null, 'g', 'scale.auto-off', false])
            // On again with the full bowl, it counts from there: nothing.
            ->and($shows(['power', 'bowl', 'tare', 'pour', 'wait', 'power'])[0])->toBe(0.0);
    });
    it('shows no number beyond its range, and less than nothing when something is taken off', function () use ($shows) {
        expect($shows(['power', 'bowl', 'tare', 'pour'], capacity: 300.0))->toBe([null, 'g', null, true])
            ->and($shows(['power', 'bowl', 'tare', 'bowl'])[0])->toBe(-187.0);
    });
    it('says why a key does nothing', function () use ($shows) {
        expect($shows(['tare'])[2])->toBe('scale.off')->and($shows(['unit'])[2])
            ->toBe('scale.off')->and($shows(['power', 'pour'])[2])->toBe('scale.no-bowl')
            ->and($shows(['power', 'bowl', 'pour', 'bowl'])[2])->toBe('scale.bowl-full');
    });
    it('refuses a key there is not, and a day of keys', function () {
        expect(fn () => DrawnScale::after(['kick'], new Scale(1.0), 1.0, 1.0))->toThrow(InvalidInput::class)
            ->and(fn () => DrawnScale::after(array_fill(0, 61, 'power'), new Scale(1.0), 1.0, 1.0))->toThrow(InvalidInput::class);
    });
});
