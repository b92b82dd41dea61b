<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Eris\Generators;
use Eris\TestTrait;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Recipe\Batch;
use Hovik\Core\Recipe\DirectionsCheck;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Recipe\Finding;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\Part;
use Hovik\Core\Recipe\Piece;
use Hovik\Core\Recipe\ReadLine;
use Hovik\Core\Recipe\RecipeReader;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Technique\HouseMethod;

uses(TestTrait::class);

$us = MeasureStandard::UsCustomary;
$read = fn (string $line): ReadLine => (new LineReader(Pantry::reference()))->read($line);
$settled = fn (string $line): ?SettledLine => SettledLine::from($read($line), $us);

it('drops no letter of any line, whatever is written', function () {
    $reader = new LineReader(Pantry::reference());
    $words = [
        '1', '1/2', '½', '2-3', 'cups', 'T', 'oz', 'flour', 'sifted', ',', '(', ')', 'plus', 'or', 'to', 'taste', '–', 'crème',
        "d'or", '%', '400 g', 'can', '"', '<b>', "\u{1F35E}", 'of', 'a', 'half', 'and', ' ', '...', '1,000', '=1+1',
    ];
    $this->limitTo(150)->forAll(Generators::seq(Generators::elements($words)))->then(function (array $picked) use ($reader): void {
        $line = implode(' ', $picked);
        $read = $reader->read($line);
        expect(implode('', array_map(fn (Piece $piece): string => $piece->text, $read->pieces)))->toBe($line);
    });
    $this->limitTo(200)->forAll(Generators::string())->then(function (string $line) use ($reader): void {
        expect(implode('', array_map(fn (Piece $piece): string => $piece->text, $reader->read($line)->pieces)))->toBe($line);
    });
});

it('reads back every amount it can be given, in figures and with signs', function () use ($read) {
    $this->limitTo(150)->forAll(
        Generators::choose(0, 20), Generators::elements(['1/2', '1/3', '2/3', '1/4', '3/4', '1/8', '5/8']),
        Generators::elements(['cup', 'tbsp', 'tsp']),
    )
        ->then(function (int $whole, string $fraction, string $unit) use ($read): void {
            $number = BigRational::of($fraction)->plus($whole);
            foreach ([($whole > 0 ? "$whole " : '').$fraction, ($whole > 0 ? "$whole-" : '').$fraction] as $written) {
                $line = $read("$written $unit bread flour");
                expect($line->status)->toBe('read')->and($line->amounts[0]->min->isEqualTo($number))->toBeTrue(
                    "$written: ".KitchenNotation::write($line->amounts[0]->min),
                );
            }
        });
});

it('marks what it understood, and shows the rest as not read', function () use ($read) {
    $parts = fn (string $line): array => array_map(
        fn (Piece $p): array => [$p->part->value, $p->text],
        array_values(array_filter($read($line)->pieces, fn (Piece $p): bool => $p->part !== Part::Filler)),
    );
    expect($parts('1 cup sifted powdered sugar'))->toBe([['amount', '1 cup'], ['handling', 'sifted'], ['ingredient', 'powdered sugar']])
        ->and($parts('2 large eggs, beaten'))->toBe([['amount', '2'], ['ingredient', 'large eggs'], ['handling', 'beaten']])
        ->and($parts('1 cup frobnicated zorbs'))->toBe([['amount', '1 cup'], ['unread', 'frobnicated zorbs']]);
});

it('puts a line\'s amounts together', function (string $line, string $number, string $unit) use ($settled) {
    $amount = $settled($line)?->amount;
    expect($amount)->not->toBeNull()->and(KitchenNotation::write($amount->number))->toBe($number)->and($amount->unit->value)->toBe($unit);
})->with([
    ['3/4 cup plus 1 tbsp sugar', '13/16', 'cup'], ['2 (400 g) cans pumpkin', '800', 'g'], ['1 packet (7 g) instant yeast', '7', 'g'],
    ['2 sticks butter', '2', 'stick'], ['2-3 tbsp honey', '2', 'tbsp'], ['a dozen eggs', '1', 'dozen'],
]);

it('leaves open what must be asked first', function (string $line) use ($settled) {
    expect($settled($line))->toBeNull();
})->with(['8 oz milk', '1 can pumpkin', '2 flour', '1 cup unicorn milk', 'salt, to taste', 'For the glaze:']);

it('takes the method from the words before the name, and not from those behind it', function () use ($settled) {
    expect($settled('1 cup sifted flour')?->method)->toBe(HouseMethod::SiftSpoonLevel)
        ->and($settled('1 cup flour, sifted')?->method)->toBeNull()
        ->and($settled('1 cup lightly packed brown sugar')?->method)->toBe(HouseMethod::PackedLight)
        ->and($settled('1 cup brown sugar, packed')?->method)->toBe(HouseMethod::PackedFirm);
});

it('takes a pasted recipe apart, with headings and without', function () {
    $reader = new RecipeReader(Pantry::reference());
    $marked = $reader->read(
        "Oat buns\nMakes 12 buns.\n\nIngredients:\n1 cup bread flour\nFor the glaze:\n2 tbsp honey\n\nMethod\n1. Mix the flour with care.\n2) Brush with honey.",
    );
    $bare = $reader->read(
        "\u{FEFF}Oat buns\r\n- 1 cup bread flour\r\n- 2 tbsp honey\r\nMix the flour with care.\r\nBrush the tops with honey.",
    );
    expect($marked->title)->toBe('Oat buns')->and($marked->makes)->toBe('12 buns')
        ->and(array_map(fn (ReadLine $l): string => $l->status, $marked->lines))->toBe(['read', 'heading', 'read'])
        ->and($marked->directions)->toBe(['Mix the flour with care.', 'Brush with honey.'])
        ->and($bare->title)->toBe('Oat buns')->and(count($bare->ingredients()))->toBe(2)
        ->and($bare->directions)->toBe(['Mix the flour with care.', 'Brush the tops with honey.']);
});

it('refuses what is no recipe', function (string $text) {
    expect(fn () => (new RecipeReader(Pantry::reference()))->read($text))->toThrow(InvalidInput::class);
})->with([
    'nothing' => [''], 'blank' => [" \n "], 'endless' => [str_repeat("1 cup flour\n", 301)], 'long' => [str_repeat('a', 30001)],
    'bytes' => ["\xff\xfe1 cup"],
]);

it('holds the list against the directions', function () use ($read) {
    $listed = array_map(
        fn (string $line) => $read($line)->ingredient,
        ['1 cup bread flour', '2 tsp baking powder', '1 cup raisins', '1 tbsp honey', '2 tbsp honey', '1/2 cup blue zorbs'],
    );
    $findings = (new DirectionsCheck(Pantry::reference()))->check(
        $listed, ['Sift the dry ingredients.', 'Stir in the honey and the milk.'],
    );
    expect(array_map(fn (Finding $f): array => [$f->kind, $f->ingredient, $f->lines], $findings))->toBe([
        [Finding::LISTED_TWICE, 'honey', [3, 4]], [Finding::NEVER_USED, 'raisins', [2]], [Finding::NOT_LISTED, 'whole-milk', []],
    ]);
    expect((new DirectionsCheck(Pantry::reference()))->check($listed, []))->toHaveCount(1);
    expect((new DirectionsCheck(Pantry::reference()))->check([$listed[0]], ['Mix all the ingredients.']))->toBe([]);
});

it('scales exactly and rounds at the end', function () use ($settled, $us) {
    $lines = array_map($settled, ['1 3/4 tsp baking powder', '1 egg', '1/4 tsp nutmeg', '2 cups bread flour', '8 oz milk']);
    $batch = Batch::of($lines, Factor::of('40'), $us, Pantry::reference());
    expect($batch->lines[4])->toBeNull()
        ->and($batch->lines[3]?->bakersPercent)->toBe(100.0)
        ->and(count($batch->cautions))->toBe(3);
    $half = Batch::of($lines, Factor::of('1/2'), $us, Pantry::reference());
    expect((string) $half->lines[1]?->beatenG)->toBe('25')->and($half->lines[2]?->measure->text())->toBe('1/8 tsp')
        ->and($half->lines[0]?->measure->text())->toBe('7/8 tsp');
    $double = Batch::of([$settled('1 3/4 tsp baking powder')], Factor::of('2'), $us, Pantry::reference());
    expect($double->lines[0]?->measure->text())->toBe('1 tbsp + 1/2 tsp');
    expect(Batch::of([$settled('1 cup flour')], Factor::of('3/2'), $us, Pantry::reference())->cautions)->toBe([]);
    expect(fn () => Factor::of('0'))->toThrow(InvalidInput::class);
});

it('says what early rounding would lose: half a gram forty times is twenty', function () use ($settled, $us) {
    $line = Batch::of([$settled('1 1/2 cups rolled oats')], Factor::of('40'), $us, Pantry::reference())->lines[0];
    expect((string) ShownGrams::of($line->grams))->toBe('4860')->and((string) $line->roundingLoss)->toBe('20');
});

it('finds the factor that uses up what is there', function () use ($settled, $us) {
    $factor = Factor::toUseUp($settled('2 cups bread flour'), 500.0, $us, Pantry::reference());
    expect($factor->text())->toBe('2');
    expect(fn () => Factor::toUseUp($settled('2 cups bread flour'), -1.0, $us, Pantry::reference()))->toThrow(InvalidInput::class);
});

it('reads two hundred lines in well under a second', function () {
    $reader = new LineReader(Pantry::reference());
    $reader->read('1 cup flour');
    $from = hrtime(true);
    for ($i = 0; $i < 200; $i++) {
        $reader->read(['1 3/4 cups bread flour', '2 large eggs, beaten', '1 cup frobnicated zorbs', '1 tsp vanila extract'][$i % 4]);
    }
    expect((hrtime(true) - $from) / 1e6)->toBeLessThan(500.0); // 15 to 30 ms on a quiet machine: bin/hovik bench core
})->group('slow'); // lines counted for mutants take longer
