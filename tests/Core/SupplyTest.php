<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Eris\Generators;
use Eris\TestTrait;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Plan\LineWarnings;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Plan\PlannedLine;
use Hovik\Core\Plan\Supplies;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Choice;
use Hovik\Core\Recipe\Choices;
use Hovik\Core\Recipe\Directions\DirectionStep;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\Portions;
use Hovik\Core\Recipe\Preparation;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

uses(TestTrait::class);

$us = MeasureStandard::UsCustomary;
$said = fn (array $phrases): array => array_map(fn (Phrase $one): string => $one->id, $phrases);
/** A line planned from a drawer of tools whose true size is known; of each three. */
$plan = function (
    string $id, string $number, Unit $unit,
    array $tools = ['dry-cup-us-1', 'dry-cup-us-1-4', 'liquid-measure-us-1-cup', 'spoon-us-1-tsp'],
    MeasuringMode $mode = MeasuringMode::Checked,
) use ($us): PlannedLine {
    $drawer = array_map(
        fn (string|Tool $tool): Tool => is_string($tool) ? ToolCatalogue::tool(
            $tool, $us, ToolCatalogue::tool($tool, $us)->nominalMl->toFloat(), 3,
        ) : $tool,
        $tools,
    );

    return (new LinePlanner(Pantry::reference(), $drawer, $us, ToleranceLevel::Practised))
        ->plan(Pantry::reference()->ingredient($id), Amount::of($number, $unit), Strictness::Structural, mode: $mode);
};

describe('supplies', function () use ($us, $plan) {
    it('are every station\'s share and what is measured again, exactly', function () use ($us, $plan) {
        $foods = ['bread-flour', 'light-brown-sugar', 'whole-milk', 'honey', 'baking-soda'];
        $this->limitTo(80)->forAll(
            Generators::elements($foods), Generators::choose(1, 12), Generators::choose(1, 60), Generators::choose(0, 200),
        )
            ->then(function (string $id, int $quarters, int $stations, int $retry) use ($us, $plan): void {
                $line = $plan($id, "$quarters/4", Unit::Cup);
                [$one] = Supplies::of([$line->need()], $stations, $retry, $us);
                expect($one->stationG->isEqualTo($line->targetG))->toBeTrue()
                    ->and($one->classG->multipliedBy(100)->isEqualTo($one->stationG->multipliedBy($stations * (100 + $retry))))->toBeTrue()
                    ->and($one->stationMeasure?->exact)->toBeTrue();
                $ml = array_reduce(
                    $one->stationMeasure->parts, fn (BigRational $sum, Amount $part) => $sum->plus($part->inBase($us)),
                    BigRational::zero(),
                );
                expect($ml->isEqualTo(Amount::of("$quarters/4", Unit::Cup)->inBase($us)))->toBeTrue();
            });
    });

    it('add up the same food of several lines, in the order it first comes', function () use ($us, $plan) {
        $supplies = Supplies::of(
            [
                $plan('bread-flour', '1', Unit::Cup)->need(), $plan('honey', '1/4', Unit::Cup)->need(),
                $plan('bread-flour', '4', Unit::Tablespoon)->need(),
            ],
            6, 0, $us,
        );
        expect(array_map(fn (Supplies $one) => $one->ingredient->id, $supplies))->toBe(['bread-flour', 'honey'])
            ->and($supplies[0]->stationMeasure?->text())->toBe('1 1/4 cups')
            ->and($supplies[0]->classMeasure?->text())->toBe('7 1/2 cups');
    });

    it('name no measure where the lines say volumes and weights, and still the grams', function () use ($us, $plan) {
        [$flour] = Supplies::of([$plan('bread-flour', '1', Unit::Cup)->need(), $plan('bread-flour', '100', Unit::Gram)->need()], 2, 0, $us);
        $cup = $plan('bread-flour', '1', Unit::Cup)->targetG;
        expect($flour->stationMeasure)->toBeNull()->and($flour->classMeasure)->toBeNull()
            ->and($flour->classG->isEqualTo($cup->plus(100)->multipliedBy(2)))->toBeTrue();
    });

    it('buy whole eggs', function () use ($us, $plan) {
        [$eggs] = Supplies::of([$plan('egg-large', '2', Unit::Piece)->need()], 6, 10, $us);
        expect($eggs->stationMeasure?->parts[0]->number->isEqualTo(2))->toBeTrue()
            ->and($eggs->classMeasure?->parts[0]->number->isEqualTo(14))->toBeTrue() // 13.2 in shares
            ->and(Supplies::of([], 6, 10, $us))->toBe([]);
    });

    it('refuse a class or an allowance that cannot be', function (
        int $stations, int $retry, ?string $field, ?string $says,
    ) use ($us, $plan) {
        $refusal = refused(fn () => Supplies::of([$plan('honey', '1', Unit::Cup)->need()], $stations, $retry, $us));
        expect($refusal)->toBe($field === null ? null : [$field, $says]);
    })->with([
        [0, 0, 'stations', 'Choose a number from 1 to 60.'], [61, 0, 'stations', 'Choose a number from 1 to 60.'],
        [6, -1, 'retry_pct', 'Choose a number from 0 to 200.'], [6, 201, 'retry_pct', 'Choose a number from 0 to 200.'],
        [1, 0, null, null], [60, 200, null, null],
    ]);
});

describe('warnings of a line', function () use ($us, $plan, $said) {
    $fine = new Scale(0.1, 0.03);
    $of = fn (PlannedLine $line, array $scales, int $stations = 3) => $said(LineWarnings::of($line, $scales, $stations));

    it('are none for a cup with tools and scales for everybody', function () use ($plan, $of, $fine) {
        expect($of($plan('granulated-sugar', '1', Unit::Cup), ['Fine' => $fine]))->toBe([]);
    });

    it('tell what the drawer lacks', function () use ($plan, $of, $fine) {
        $cup = $plan('granulated-sugar', '1', Unit::Cup);
        expect($of($cup, ['Fine' => $fine], 4))->toBe(['warning.few-tools'])
            ->and($of($cup, []))->toBe(['warning.no-scale'])
            ->and($of($plan('granulated-sugar', '1/3', Unit::Cup, ['dry-cup-us-1-4']), ['Fine' => $fine]))->toContain('warning.not-exact')
            ->and($of($plan('granulated-sugar', '1', Unit::Cup, []), ['Fine' => $fine]))->toContain('warning.no-tool')
            ->and(
                $of($plan('granulated-sugar', '1', Unit::Cup, mode: MeasuringMode::Weight), ['Fine' => $fine]),
            )->toBe([]); // weighing is what was chosen
    });

    it('tell of a tool that is off by a quarter of the tolerance, and not of one within it', function () use ($us, $plan, $of, $fine) {
        $cup = ToolCatalogue::tool('dry-cup-us-1', $us)->nominalMl->toFloat();
        $holding = fn (float $share) => $of(
            $plan('granulated-sugar', '1', Unit::Cup, [ToolCatalogue::tool('dry-cup-us-1', $us, $share * $cup, 3)]),
            ['Fine' => $fine],
        );
        expect($holding(1.012))->toBe([])->and($holding(1.013))
            ->toBe(['warning.tool-off'])->and($holding(0.987))->toBe(['warning.tool-off']);
    });

    it('say how far off, to a tenth', function () use ($us, $plan, $fine) {
        $said = fn (PlannedLine $line, string $id): ?array => array_values(
            array_filter(LineWarnings::of($line, ['Fine' => $fine], 3), fn (Phrase $one): bool => $one->id === $id),
        )[0]->with ?? null;
        $third = $plan('granulated-sugar', '1/3', Unit::Cup, ['dry-cup-us-1-4']);
        expect($said($third, 'warning.not-exact'))->toBe(['percent' => 25.0]);
        $near = $plan('granulated-sugar', '11/12', Unit::Cup, ['dry-cup-us-1']);
        expect($said($near, 'warning.not-exact'))->toBe(['percent' => 9.1]);
        $plain = $plan('granulated-sugar', '399/400', Unit::Cup, ['dry-cup-us-1']); // a quarter per cent: under a tenth of the tolerance
        expect($plain->plans->best()?->exact)->toBeFalse()->and($said($plain, 'warning.not-exact'))->toBeNull();
        $cup = ToolCatalogue::tool('dry-cup-us-1', $us)->nominalMl->toFloat();
        $small = $plan('granulated-sugar', '1', Unit::Cup, [ToolCatalogue::tool('dry-cup-us-1', $us, 0.9643 * $cup, 3)]);
        expect($said($small, 'warning.tool-off')['percent'] ?? null)->toBe(3.6)
            ->and($said($small, 'warning.few-tools'))->toBeNull();
    });
});

describe('before the bell', function () use ($said) {
    $reader = new LineReader(Pantry::reference());
    it('is read off the lines and the directions', function (array $lines, array $directions, array $expected) use ($reader, $said) {
        $list = Preparation::of(array_map($reader->read(...), $lines), array_map(static fn (string $step) => new DirectionStep($step), $directions), []);
        expect($said($list))->toBe([...$expected, 'prepare.batteries']);
        foreach (['en', 'es'] as $language) {
            foreach ($list as $one) {
                expect(Phrasebook::in($language)->say($one))->not->toContain('{');
            }
        }
    })->with([
        'nothing' => [['1 cup all-purpose flour'], ['Stir.'], []],
        'melted butter' => [['6 tbsp butter, melted'], [], ['prepare.melt']],
        'warm milk' => [['1 cup milk, warmed'], [], ['prepare.warm']],
        'nuts' => [['1/2 cup chopped walnuts'], [], ['prepare.cut']],
        'an oven' => [['1 cup sugar'], ['Bake for 20 minutes.'], ['prepare.oven']],
        'a pan' => [['1 cup sugar'], ['Simmer the syrup.'], ['prepare.boiling']],
        'fat' => [['1 cup sugar'], ['Deep-fry in hot oil.'], ['prepare.hot-fat']],
        'in order' => [
            ['6 tbsp butter, melted', '1/2 cup chopped walnuts'], ['Boil it.', 'Preheat the oven.'],
            ['prepare.melt', 'prepare.cut', 'prepare.oven', 'prepare.boiling'],
        ],
    ]);
    it('names the scales that nobody has checked', function () {
        [$check] = Preparation::of([], [], ['Front', 'Back']);
        expect($check->id)->toBe('prepare.check-scales')->and($check->with)->toBe(['names' => 'Front, Back']);
    });
});

describe('one tap that settles a line', function () use ($us) {
    $of = fn (string $line): array => Choices::of((new LineReader(Pantry::reference()))->read($line), $us, Pantry::reference());

    it('tells ounces on the scale from ounces in the jug, with what each weighs', function () use ($of) {
        [$volume, $weight] = $of('8 oz milk');
        expect($volume->line->amount->unit)->toBe(Unit::FluidOunce)->and($weight->line->amount->unit)->toBe(Unit::Ounce)
            ->and($weight->grams)->toEqualWithDelta(226.8, 0.1) // 8 x 28.35 g
            ->and($volume->grams)->toEqualWithDelta(Pantry::reference()->ingredient('whole-milk')->gramsPerUsCup->toFloat(), 0.1);
    });

    it('offers both of two foods, and nothing where nothing is open or nothing can be said', function () use ($of) {
        $foods = array_map(fn (Choice $one): string => $one->line->ingredient->id, $of('1/2 cup butter or margarine'));
        expect($foods)->toBe(['butter', 'margarine'])->and($of('1 cup granulated sugar'))->toBe([])->and($of('salt to taste'))->toBe([]);
    });
});

describe('portions', function () use ($us) {
    it('and what is left are the batch again, exactly', function () use ($us) {
        $this->limitTo(120)->forAll(Generators::choose(1, 60), Generators::elements(['1/8', '1/4', '1/3', '1/2', '2/3', '3/4', '1']))
            ->then(function (int $cups, string $each) use ($us): void {
                $portions = Portions::of("$cups cups", "$each cup", $us);
                $left = $portions->left === null
                        ? BigRational::zero()
                        : array_reduce(
                            $portions->left->parts, fn (BigRational $sum, Amount $part) => $sum->plus($part->inBase($us)),
                            BigRational::zero(),
                        );
                $one = Amount::of($each, Unit::Cup)->inBase($us);
                expect($left->isLessThan($one))->toBeTrue()
                    ->and(
                        $one->multipliedBy($portions->whole)->plus($left)
                            ->isEqualTo(Amount::of((string) $cups, Unit::Cup)->inBase($us)),
                    )->toBeTrue();
            });
    });

    it('are thirty of a third, and one more third', function () use ($us) {
        $portions = Portions::of('10 1/4 cups', '1/3 cup', $us);
        expect($portions->whole)->toBe(30)->and($portions->left)
            ->toBeInstanceOf(KitchenMeasure::class)->and($portions->left?->text())->toBe('1/4 cup');
    });

    it('refuse what is no volume, beside its field', function (string $batch, string $each, string $field) use ($us) {
        $refusal = null;
        try {
            Portions::of($batch, $each, $us);
        } catch (InvalidInput $refusal) {
        }
        expect($refusal?->field)->toBe($field);
    })->with([
        ['', '1 cup', 'batch'], ['many', '1 cup', 'batch'], ['2 lb', '1 cup', 'batch'], ['2 cups', '3 eggs', 'each'],
        ['2 cups', '0 cups', 'each'], ['1 cup', '2 cups', 'each'], ['-1 cup', '1 cup', 'batch'],
    ]);
});
