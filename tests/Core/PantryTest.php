<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Eris\Generators;
use Eris\TestTrait;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\NewIngredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Equivalents;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\MethodEffect;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Words\Phrasebook;

uses(TestTrait::class);

$us = MeasureStandard::UsCustomary;
$grams = fn (Pantry $pantry, string $id, string $number, Unit $unit): BigRational => Conversion::toGrams(
    Amount::of($number, $unit), $pantry->ingredient($id), $us, $pantry, $pantry->ingredient($id)->referenceHandling,
)->exact;
$refused = function (Closure $try): ?string {
    try {
        $try();
    } catch (InvalidInput $refusal) {
        return $refusal->field;
    }

    return null;
};

describe('a kitchen\'s own weight of a cup', function () use ($grams, $refused) {
    it('moves cups and spoons of that food alike, and nothing else', function () use ($grams) {
        $foods = array_values(
            array_filter(Pantry::reference()->ids(), fn (string $id) => Pantry::reference()->ingredient($id)->gramsPerUsCup !== null),
        );
        $this->limitTo(100)->forAll(Generators::elements($foods), Generators::choose(20, 400), Generators::elements(['1/4', '1', '2 1/2']))
            ->then(function (string $id, int $cup, string $number) use ($grams): void {
                $reference = Pantry::reference();
                $own = $reference->with([$id => ['g_per_us_cup' => (string) $cup, 'g_per_piece' => null]]);
                $other = $id === 'honey' ? 'bread-flour' : 'honey';
                expect($grams($own, $id, '1', Unit::Cup)->toFloat())->toEqualWithDelta($cup, 1e-9)
                    ->and($own->ingredient($id)->source)->toBe('own')
                    ->and($grams($own, $other, $number, Unit::Cup)->isEqualTo($grams($reference, $other, $number, Unit::Cup)))->toBeTrue()
                    ->and($reference->ingredient($id)->source)->not->toBe('own');
                foreach ([Unit::Cup, Unit::Tablespoon, Unit::Teaspoon] as $unit) {
                    $share = $grams($own, $id, $number, $unit)->dividedBy($grams($reference, $id, $number, $unit))->toFloat();
                    expect($share)->toEqualWithDelta($cup / $reference->ingredient($id)->gramsPerUsCup->toFloat(), 0.001);
                }
            });
    });

    it('keeps what it does not name, and the very same pantry where it names nothing', function () {
        $reference = Pantry::reference();
        $own = $reference->with(['egg-large' => ['g_per_us_cup' => null, 'g_per_piece' => '53.5']]);
        expect($own->ingredient('egg-large')->gramsPerPiece?->toFloat())->toBe(53.5)
            ->and($own->ingredient('egg-large')->gramsPerUsCup)->toEqual($reference->ingredient('egg-large')->gramsPerUsCup)
            ->and($reference->with([]))->toBe($reference)->and($reference->adding([]))->toBe($reference)
            ->and($own->ids())->toBe($reference->ids());
    });

    it('is refused where it makes no sense', function (string $id, ?string $cup, ?string $piece, string $field) use ($refused) {
        expect($refused(fn () => Pantry::reference()->with([$id => ['g_per_us_cup' => $cup, 'g_per_piece' => $piece]])))->toBe($field);
    })->with([
        ['bread-flour', '0', null, 'g_per_us_cup'], ['bread-flour', '-5', null, 'g_per_us_cup'],
        ['bread-flour', '3000.5', null, 'g_per_us_cup'],
        ['bread-flour', 'much', null, 'g_per_us_cup'], ['bread-flour', null, '50', 'g_per_piece'], ['unicorn', '100', null, 'ingredient'],
    ]);
});

describe('a food the reference does not know', function () use ($grams, $refused) {
    it('is weighed as told and handled like its family', function (Family $family) use ($grams) {
        $new = NewIngredient::named("  Granny's best  ", $family->value, '100', ['milk']);
        $pantry = Pantry::reference()->adding([$new]);
        $food = $pantry->ingredient($new->id);
        $isCounted = $family === Family::Counted;
        $like = $pantry->ingredient(
            array_values(
                array_filter(Pantry::reference()->ids(), fn (string $id) => Pantry::reference()->ingredient($id)->family === $family),
            )[0],
        );
        expect($new->id)->toBe('own-granny\'s-best')->and($food->name)->toBe('Granny\'s best')
            ->and($grams($pantry, $new->id, '2', $isCounted ? Unit::Piece : Unit::Cup)->toFloat())->toEqualWithDelta(200, 1e-9)
            ->and($food->allergens)->toBe(['milk'])->and($food->source)->toBe('own')->and($food->residue)->toBe($like->residue)
            ->and(array_slice($pantry->ids(), -1))->toBe([$new->id])->and(Pantry::reference()->ids())->not->toContain($new->id);
    })->with(Family::cases());

    it('needs a plain name, a family and a weight', function (
        string $name, string $family, string $cup, array $allergens, string $field,
    ) use ($refused) {
        expect($refused(fn () => NewIngredient::named($name, $family, $cup, $allergens)))->toBe($field);
    })->with([
        ['', 'fine-powder', '100', [], 'name'], ['x', 'fine-powder', '100', [], 'name'], ['<b>flour</b>', 'fine-powder', '100', [], 'name'],
        ["\u{1F35E}\u{1F35E}\u{1F35E}", 'fine-powder', '100', [], 'name'], [str_repeat('flour ', 10), 'fine-powder', '100', [], 'name'],
        ['Teff flour', 'powdery', '100', [], 'family'], ['Teff flour', 'fine-powder', '0', [], 'grams'],
        ['Teff flour', 'fine-powder', '3000.001', [], 'grams'],
        ['Teff flour', 'fine-powder', '1e2', [], 'grams'], ['Teff flour', 'fine-powder', '', [], 'grams'],
        ['Teff flour', 'fine-powder', '100', ['gluten?'], 'allergens'],
    ]);
});

it('knows a factor for the food before one for its family', function () {
    $pantry = Pantry::reference();
    $rows = require dirname(__DIR__, 2).'/core/data/compiled/handling_overrides.php';
    expect($rows)->not->toBe([]);
    foreach ($rows as $row) {
        $factor = $pantry->handlingFactor($pantry->ingredient($row['ingredient_id']), Handling::from($row['handling']));
        expect((string) $factor?->mean)->toBe($row['factor_mean'], "{$row['ingredient_id']} {$row['handling']}");
    }
});

it('writes the chart on the wall so that every row is one and the same volume', function (MeasureStandard $standard) {
    $rows = Equivalents::of($standard);
    $last = null;
    foreach ($rows as $row) {
        $ml = $row->measure->inBase($standard);
        if ($row->teaspoons !== null) {
            expect(Amount::of($row->teaspoons, Unit::Teaspoon)->inBase($standard)->isEqualTo($ml))->toBeTrue($row->measure->text());
        }
        if ($row->fluidOunces !== null) {
            expect(Amount::of($row->fluidOunces, Unit::FluidOunce)->inBase($standard)->isEqualTo($ml))->toBeTrue($row->measure->text());
        }
        if ($row->spoons !== null) {
            $spoons = array_reduce(
                $row->spoons->parts, fn (BigRational $sum, Amount $part) => $sum->plus($part->inBase($standard)),
                BigRational::zero(),
            );
            expect($spoons->isEqualTo($ml))->toBeTrue($row->measure->text());
        }
        expect($row->ml->toFloat())->toEqualWithDelta($ml->toFloat(), 0.0501)
            ->and($last === null || $ml->isLessThan($last))->toBeTrue();
        $last = $ml;
    }
})->with(MeasureStandard::cases());

it('says in US customary what hangs on every wall', function () use ($us) {
    $of = [];
    foreach (Equivalents::of($us) as $row) {
        $of[$row->measure->text()] = [$row->spoons?->text(), $row->teaspoons, $row->fluidOunces, (string) $row->ml];
    }
    expect($of['1 cup'])->toBe(['16 tbsp', '48', '8', '236.6'])
        ->and($of['1/3 cup'])->toBe(['5 tbsp + 1 tsp', '16', '2 2/3', '78.9'])
        ->and($of['1/8 cup'])->toBe(['2 tbsp', '6', '1', '29.6'])
        ->and($of['1 tbsp'])->toBe([null, '3', '1/2', '14.8']);
});

it('widens the tolerance by what a line means to the bake', function () {
    $of = fn (string $id): Strictness => Strictness::usual(Pantry::reference()->ingredient($id));
    expect($of('bread-flour'))->toBe(Strictness::Structural)->and($of('whole-milk'))->toBe(Strictness::Structural)
        ->and($of('baking-soda'))->toBe(Strictness::Structural)->and($of('egg-large'))->toBe(Strictness::Structural)
        ->and($of('vanilla-extract'))->toBe(Strictness::Flavour)->and($of('cinnamon'))->toBe(Strictness::Flavour);
    foreach (Family::cases() as $family) {
        $pct = fn (Strictness $strictness) => Tolerance::usual($family, ToleranceLevel::Practised, $strictness)->percent;
        expect($pct(Strictness::Flavour))->toEqualWithDelta(1.5 * $pct(Strictness::Structural), 1e-9)
            ->and($pct(Strictness::Free))->toEqualWithDelta(3 * $pct(Strictness::Structural), 1e-9);
    }
});

describe('what another way of measuring does to a cup', function () use ($us) {
    $effect = fn (HouseMethod $method, HouseMethod $now): array => [
        ($phrase = MethodEffect::of($method, $now, $us, Pantry::reference()))->id, Phrasebook::in('en')->say($phrase),
    ];

    it('is told against the class\'s own', function () use ($effect) {
        expect($effect(HouseMethod::StirSpoonLevel, HouseMethod::StirSpoonLevel)[0])->toBe('method.effect.now')
            ->and($effect(HouseMethod::DipSweep, HouseMethod::StirSpoonLevel)[0])->toBe('method.effect.more')
            ->and($effect(HouseMethod::StirSpoonLevel, HouseMethod::DipSweep)[0])->toBe('method.effect.less')
            ->and($effect(HouseMethod::StirSpoonLevel, HouseMethod::StirSpoonLevel)[1])->toContain('125 g');
    });

    it('goes up by as much as it comes down', function () use ($effect) {
        $change = fn (string $said): float => (float) preg_replace('~.* ([0-9.]+) g a cup$~', '$1', rtrim($said, '.'));
        $ways = array_filter(HouseMethod::cases(), fn (HouseMethod $one) => $one->suits(Family::FinePowder));
        foreach ($ways as $a) {
            foreach ($ways as $b) {
                if ($a !== $b) {
                    expect($change($effect($a, $b)[1]))->toBe($change($effect($b, $a)[1]), "$a->value $b->value");
                }
            }
        }
    });

    it('is told with every answer to the schools\' questions, in both languages', function () use ($us) {
        foreach (HouseRules::QUESTIONS as $question => $answers) {
            foreach ($answers as $answer) {
                foreach (['en', 'es'] as $language) {
                    expect(
                        Phrasebook::in($language)->say(MethodEffect::ofAnswer($question, $answer, $us, Pantry::reference())),
                    )->not->toContain('{')->not->toBe('');
                }
            }
        }
    });
});
