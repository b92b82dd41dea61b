<?php

declare(strict_types=1);

use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Quantity\UnitTable;
use Hovik\Core\Recipe\LineReader;

// The reference data is held to what it promises in core/data/sources.md.

$pantry = Pantry::reference();

it('is compiled from the CSV files as they are', function () {
    exec(PHP_BINARY.' '.dirname(__DIR__, 2).'/ops/compile-reference.php --check 2>&1', $said, $status);
    expect($status)->toBe(0, implode(' ', $said));
});

it('has 342 ingredients, each name and alias only once', function () use ($pantry) {
    expect(count($pantry->ids()))->toBe(342);
    $owner = [];
    foreach ($pantry->ids() as $id) {
        $ingredient = $pantry->ingredient($id);
        expect($id)->toMatch('/^[a-z0-9]+(-[a-z0-9]+)*$/');
        foreach (array_unique(array_map(mb_strtolower(...), [$ingredient->name, ...$ingredient->aliases])) as $name) {
            expect($owner[$name] ?? $id)->toBe($id, "'$name' stands for two ingredients");
            $owner[$name] = $id;
        }
    }
});

it('keeps every figure in a plausible range', function () use ($pantry) {
    // g/mL of a family's reference handling
    $density = ['fine-powder' => [.25, .75], 'granular-sugar' => [.75, .95], 'moist-sugar' => [.85, 1.02], 'leavener-spice' => [.33, 1.3], 'coarse-grain' => [.18, .9],
        'pieces' => [.35, .8], 'shredded' => [.3, .6], 'solid-fat' => [.8, .97], 'nut-butter' => [.98, 1.12],
        'thin-liquid' => [.87, 1.08], 'oil' => [.89, .945],
        'viscous-liquid' => [1.25, 1.46], 'thick-dairy-puree' => [.45, 1.4], 'whole-irregular' => [.5, .8]];
    foreach ($pantry->ids() as $id) {
        $i = $pantry->ingredient($id);
        expect($i->cvFill)->toBeGreaterThan(0)->toBeLessThanOrEqual(0.1)->and($i->cvBatch)->toBeGreaterThan(0)->toBeLessThanOrEqual(0.2)
            ->and($i->residue)->toBeLessThanOrEqual(0.08)->and($i->confidence)->toBeIn(['high', 'medium', 'low'])
            ->and($i->rawRisk)->toBeIn(['none', 'raw-flour', 'raw-egg'])->and($i->source)->not->toBeEmpty();
        expect($i->confidence === 'high' || $i->notes !== '')->toBeTrue("$id is uncertain without a note");
        expect(array_diff($i->allergens, ['wheat', 'milk', 'egg', 'soy', 'peanut', 'tree-nut', 'sesame', 'fish']))->toBe([]);
        if ($i->family === Family::Counted) {
            expect($i->gramsPerUsCup)->toBeNull()->and($i->gramsPerPiece)->not->toBeNull();

            continue;
        }
        [$low, $high] = $density[$i->family->value];
        $own = (float) (string) $i->gramsPerUsCup / 236.5882365;
        // Flakes, leaves and berries are lighter than their family, a few pastes denser: each says why.
        expect($own)->toBeGreaterThanOrEqual($low * ($i->notes === '' ? 1 : 0.3), $id)->toBeLessThanOrEqual($high * ($i->notes === '' ? 1 : 1.2), $id);
        expect((string) $pantry->handlingFactor($i, $i->referenceHandling)?->mean->stripTrailingZeros())->toBe(
            '1', "$id: the reference handling is not 1",
        );
        if ($i->family === Family::FinePowder) {
            $factors = array_map(
                fn (Handling $h) => $pantry->handlingFactor($i, $h)?->mean->toFloat(),
                [Handling::Sifted, Handling::StirredSpooned, Handling::Dipped, Handling::DippedCompactedBin, Handling::PackedFirm],
            );
            $sorted = $factors;
            sort($sorted);
            expect($factors)->toBe($sorted, "$id: handlings out of order");
        }
    }
});

it('has the weights everybody knows', function (string $id, string $grams) use ($pantry) {
    expect((string) $pantry->ingredient($id)->gramsPerUsCup)->toBe($grams);
})->with([
    ['butter', '227'], ['granulated-sugar', '200'], ['all-purpose-flour', '125'], ['water', '236.2'], ['honey', '339'],
    ['table-salt', '292'],
]);

it('takes the spoon weight in spoons, and the ingredient\'s own factor before its family\'s', function () use ($pantry) {
    $salt = Density::of($pantry, $pantry->ingredient('table-salt'));
    $us = MeasureStandard::UsCustomary;
    expect($salt->inVessel($us->size(Unit::Teaspoon))->multipliedBy($us->size(Unit::Teaspoon))->toFloat())->toEqualWithDelta(6.0, 1e-9)
        ->and($salt->inVessel($us->size(Unit::Cup))->multipliedBy($us->size(Unit::Cup))->toFloat())->toEqualWithDelta(292.0, 1e-9);
    expect((string) $pantry->handlingFactor($pantry->ingredient('all-purpose-flour'), Handling::Dipped)?->mean)->toBe('1.10')
        ->and((string) $pantry->handlingFactor($pantry->ingredient('pastry-flour'), Handling::Tapped)?->mean)->toBe('1.18');
    expect(fn () => Density::of($pantry, $pantry->ingredient('honey'), Handling::Sifted))->toThrow(InvalidInput::class);
});

it('has a unit for every case, and symbols that mean one thing', function () {
    expect(array_keys(UnitTable::rows()))->toEqualCanonicalizing(array_column(Unit::cases(), 'value'));
    $owner = [];
    foreach (UnitTable::rows() as $id => $row) {
        foreach (explode('|', $row['symbols']) as $symbol) {
            expect($owner[$symbol] ?? $id)->toBe($id, "'$symbol' stands for two units");
            $owner[$symbol] = $id;
        }
    }
    expect(UnitTable::bySymbol('T'))->toBe(Unit::Tablespoon)->and(UnitTable::bySymbol('t'))->toBe(Unit::Teaspoon)
        ->and(UnitTable::bySymbol('oz'))->toBe(Unit::Ounce)->and(UnitTable::bySymbol('fl oz'))->toBe(Unit::FluidOunce);
});

it('keeps the ratios between units exact', function (MeasureStandard $standard, Unit $big, int $times, Unit $small) {
    expect($standard->size($small)->multipliedBy($times)->isEqualTo($standard->size($big)))->toBeTrue();
})->with([
    [MeasureStandard::UsCustomary, Unit::Cup, 16, Unit::Tablespoon], [MeasureStandard::UsLabel240, Unit::Cup, 16, Unit::Tablespoon],
    [MeasureStandard::UsCustomary, Unit::Tablespoon, 3, Unit::Teaspoon], [MeasureStandard::Metric250, Unit::Tablespoon, 3, Unit::Teaspoon],
    [MeasureStandard::Australian, Unit::Tablespoon, 4, Unit::Teaspoon], [MeasureStandard::UsCustomary, Unit::Cup, 8, Unit::FluidOunce],
    [MeasureStandard::UsCustomary, Unit::Gallon, 4, Unit::Quart], [MeasureStandard::UsCustomary, Unit::Pound, 4, Unit::Stick],
    [MeasureStandard::ImperialLegacy, Unit::Cup, 10, Unit::FluidOunce],
]);

it('has tools whose nominal volume is what they say, with marks in order and none far above the top', function () {
    $kinds = [];
    foreach (ToolCatalogue::ids() as $id) {
        if (str_starts_with($id, 'scale-')) {
            expect(ToolCatalogue::scale($id)->readabilityG)->toBeGreaterThan(0);

            continue;
        }
        $tool = ToolCatalogue::tool($id, MeasureStandard::UsCustomary);
        $kinds[$tool->kind->value] = true;
        $byUnit = [];
        foreach ($tool->marks as $mark) {
            $unit = $mark->amount?->unit->value ?? 'imp';
            expect($mark->ml->isGreaterThan($byUnit[$unit] ?? 0))->toBeTrue("$id: mark $mark->text out of order");
            expect($mark->ml->toFloat())->toBeLessThanOrEqual($tool->nominalMl->toFloat() * 1.06);
            $byUnit[$unit] = $mark->ml;
        }
    }
    expect(count($kinds))->toBe(count(ToolKind::cases()) - 1);
    expect(
        ToolCatalogue::tool('liquid-measure-uk-1-pint', MeasureStandard::UsCustomary)->nominalMl
            ->toFloat(),
    )->toEqualWithDelta(568.26125, 1e-6);
    expect(Unit::Can->dimension())->toBe(Dimension::Ambiguous);
});

it('knows what schools cook with: a list written before the foods were looked at, its misses kept in it', function () use ($pantry) {
    $reader = new LineReader($pantry);
    $foods = (array) file(__DIR__.'/foods/schools-use.txt', FILE_IGNORE_NEW_LINES);
    $missed = array_filter($foods, static fn (string $food): bool => $reader->read("1 cup $food")->ingredient === null);
    expect(count($foods))->toBe(349)->and(count($missed))->toBeLessThanOrEqual(12, implode(', ', $missed));
});
