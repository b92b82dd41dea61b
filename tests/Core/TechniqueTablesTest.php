<?php

declare(strict_types=1);

use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Step;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

// How each family is measured, tool by tool, step by step; what the tools of the catalogue are; what the books say.

it('measures a family by the steps of the craft', function (string $food, ?HouseMethod $method, ToolKind $tool, string $steps) {
    $technique = TechniqueCatalogue::for(Pantry::reference()->ingredient($food), $method, $tool, Pantry::reference());
    expect(implode(' ', array_map(static fn (Step $step): string => $step->value, $technique->steps)))->toBe($steps);
})->with([
    ['all-purpose-flour', null, ToolKind::DryCup, 'clean-dry-empty loosen over-paper spoon-heaped sweep-level return-excess'],
    ['all-purpose-flour', null, ToolKind::Spoon, 'clean-dry-empty loosen over-paper spoon-heaped sweep-level return-excess'],
    [
        'all-purpose-flour', HouseMethod::StirSpoonLevel, ToolKind::DryCup,
        'clean-dry-empty loosen over-paper spoon-heaped sweep-level return-excess',
    ],
    [
        'all-purpose-flour', HouseMethod::SiftSpoonLevel, ToolKind::DryCup,
        'clean-dry-empty sift over-paper spoon-heaped sweep-level return-excess',
    ],
    ['all-purpose-flour', HouseMethod::DipSweep, ToolKind::DryCup, 'clean-dry-empty over-paper dip-heaped sweep-level return-excess'],
    ['granulated-sugar', null, ToolKind::DryCup, 'clean-dry-empty crush-lumps dip-heaped sweep-level return-excess'],
    ['granulated-sugar', null, ToolKind::Spoon, 'clean-dry-empty crush-lumps dip-heaped sweep-level return-excess'],
    ['light-brown-sugar', null, ToolKind::DryCup, 'clean-dry-empty crush-lumps pack sweep-level turn-out'],
    ['light-brown-sugar', null, ToolKind::Spoon, 'clean-dry-empty crush-lumps pack sweep-level turn-out'],
    ['light-brown-sugar', HouseMethod::PackedFirm, ToolKind::DryCup, 'clean-dry-empty crush-lumps pack sweep-level turn-out'],
    ['light-brown-sugar', HouseMethod::PackedLight, ToolKind::DryCup, 'clean-dry-empty crush-lumps pack sweep-level turn-out'],
    ['baking-powder', null, ToolKind::DryCup, 'clean-dry-empty loosen dip-heaped sweep-level'],
    ['baking-powder', null, ToolKind::Spoon, 'clean-dry-empty loosen dip-heaped sweep-level'],
    ['cornmeal', null, ToolKind::DryCup, 'clean-dry-empty loosen fill sweep-level return-excess'],
    ['cornmeal', null, ToolKind::Spoon, 'clean-dry-empty loosen fill sweep-level return-excess'],
    ['raisins', null, ToolKind::DryCup, 'clean-dry-empty fill settle'],
    ['coconut-shredded', null, ToolKind::DryCup, 'clean-dry-empty fill'],
    ['butter', null, ToolKind::DryCup, 'clean-dry-empty press-out-air sweep-level scrape-out'],
    ['butter', null, ToolKind::Spoon, 'clean-dry-empty press-out-air sweep-level scrape-out'],
    ['butter', null, ToolKind::ButterWrapper, 'cut-at-mark scrape-out'],
    ['peanut-butter', null, ToolKind::DryCup, 'clean-dry-empty press-out-air sweep-level scrape-out'],
    ['peanut-butter', null, ToolKind::Spoon, 'clean-dry-empty press-out-air sweep-level scrape-out'],
    ['water', null, ToolKind::DryCup, 'clean-dry-empty hold-level'],
    ['water', null, ToolKind::Spoon, 'clean-dry-empty hold-level'],
    ['water', null, ToolKind::LiquidMeasure, 'clean-dry-empty flat-surface pour-near eye-level top-up-curve'],
    ['vegetable-oil', null, ToolKind::DryCup, 'clean-dry-empty hold-level scrape-out'],
    ['vegetable-oil', null, ToolKind::Spoon, 'clean-dry-empty hold-level scrape-out'],
    ['vegetable-oil', null, ToolKind::LiquidMeasure, 'clean-dry-empty flat-surface pour-near eye-level top-up-curve scrape-out'],
    ['honey', null, ToolKind::DryCup, 'clean-dry-empty oil-tool fill sweep-level scrape-out'],
    ['honey', null, ToolKind::Spoon, 'clean-dry-empty oil-tool fill sweep-level scrape-out'],
    ['honey', null, ToolKind::LiquidMeasure, 'clean-dry-empty oil-tool fill flat-surface eye-level scrape-out'],
    ['sour-cream', null, ToolKind::DryCup, 'clean-dry-empty fill press-out-air sweep-level leave-in-cup scrape-out'],
    ['sour-cream', null, ToolKind::Spoon, 'clean-dry-empty fill press-out-air sweep-level scrape-out'],
    ['sour-cream', null, ToolKind::LiquidMeasure, 'clean-dry-empty fill flat-surface eye-level scrape-out'],
    ['egg-large', null, ToolKind::DryCup, 'clean-dry-empty crack-apart check-shell'],
    ['cherries-fresh', null, ToolKind::DryCup, 'clean-dry-empty fill'],
]);

it('offers each family only the methods that are its own', function (HouseMethod $method, array $families) {
    $own = array_filter(Family::cases(), static fn (Family $family): bool => $method->suits($family));
    expect(array_column($own, 'value'))->toBe($families);
})->with([
    'spooned' => [HouseMethod::StirSpoonLevel, ['fine-powder']],
    'sifted' => [HouseMethod::SiftSpoonLevel, ['fine-powder']],
    'dipped' => [HouseMethod::DipSweep, ['fine-powder']],
    'packed firmly' => [HouseMethod::PackedFirm, ['moist-sugar', 'pieces', 'shredded']],
    'packed lightly' => [HouseMethod::PackedLight, ['moist-sugar', 'pieces', 'shredded']],
    'left loose' => [HouseMethod::LooseFill, ['moist-sugar', 'pieces', 'shredded']],
]);

it('knows each tool of the catalogue: its size in its own standard, its lines in order, its name in both languages', function (string $id) {
    if (ToolCatalogue::isScale($id)) {
        $scale = ToolCatalogue::scale($id);
        expect($scale->readabilityG)->toBeGreaterThan(0.0)->and($scale->capacityG)->toBeGreaterThan($scale->readabilityG)
            ->and($scale->typicalTolerance)->toBeGreaterThanOrEqual(0.0)->toBeLessThan(0.1)->and($scale->calibrationG)->toBeNull()
            ->and(refused(fn () => ToolCatalogue::tool($id, MeasureStandard::UsCustomary)))
            ->toBe(['drawer', "\"$id\" is a scale, not a measuring tool."]);

        return;
    }
    $tool = ToolCatalogue::tool($id, MeasureStandard::UsCustomary);
    if ($tool->nominalMl->isZero()) {
        expect($tool->kind)->toBe(ToolKind::ButterWrapper); // cut by weight

        return;
    }
    expect($tool->nominalMl->isPositive())->toBeTrue()->and($tool->aboutMl)->toEqualWithDelta($tool->nominalMl->toFloat(), 1e-9)
        ->and($tool->tolerance)->toBeGreaterThan(0.0)->toBeLessThanOrEqual(0.4)->and($tool->bias())->toBe(1.0)->and($tool->count)->toBe(1);
    $lines = array_map(static fn ($mark): float => $mark->about, $tool->marks);
    foreach ($lines as $line) {
        expect($line)->toBeGreaterThan(0.0)->toBeLessThanOrEqual(1.2 * $tool->aboutMl);
    }
    foreach ($tool->marks as $mark) {
        expect($tool->markAt($mark->ml)?->ml->isEqualTo($mark->ml))->toBeTrue($mark->text);
    }
    foreach (['en', 'es'] as $language) {
        expect(Phrasebook::in($language)->say($tool->called()))->not->toBe('')->not->toContain('{');
    }
    // Checked with water: it holds what was found, and that is known better than its type.
    $checked = ToolCatalogue::tool($id, MeasureStandard::UsCustomary, 1.02 * $tool->aboutMl, 3);
    expect($checked->bias())->toEqualWithDelta(1.02, 1e-9)->and($checked->relativeUncertainty())->toBe(0.005)->and($checked->count)->toBe(3)
        ->and($tool->relativeUncertainty())->toEqualWithDelta($tool->tolerance / sqrt(3), 1e-12)
        ->and(refused(fn () => ToolCatalogue::scale($id)))->toBe(['scale', "\"$id\" is not a scale."]);
})->with(ToolCatalogue::ids());

it('counts a US cup as its label where a class measures by labels', function () {
    $size = static fn (string $id, MeasureStandard $standard): string => (string) ToolCatalogue::tool($id, $standard)->nominalMl->simplified();
    expect($size('dry-cup-us-1', MeasureStandard::UsLabel240))->toBe('240')
        ->and($size('dry-cup-us-1', MeasureStandard::UsCustomary))->toBe('473176473/2000000')
        ->and($size('dry-cup-us-1', MeasureStandard::Metric250))->toBe('473176473/2000000') // it is still that cup
        ->and($size('dry-cup-metric-250-ml', MeasureStandard::UsLabel240))->toBe('250')
        ->and($size('spoon-au-20-ml', MeasureStandard::UsCustomary))->toBe('20')
        ->and(refused(fn () => ToolCatalogue::tool('bathtub', MeasureStandard::UsCustomary, field: 'id'))[0] ?? null)->toBe('id');
});

it('says the same things in both languages, with the same places for names and numbers', function () {
    $read = static fn (string $language): array => array_merge(...array_map(
        static fn (string $file): array => require $file,
        array_filter(glob(dirname(__DIR__, 2)."/core/Words/$language.*php") ?: [], is_file(...)),
    ));
    [$english, $spanish] = [$read('en'), $read('es')];
    $places = static function (string $text): array {
        preg_match_all('~\{(\w+)~', $text, $found);
        $own = array_unique($found[1]);
        sort($own);

        return $own;
    };
    expect(array_values(array_diff(array_keys($english), array_keys($spanish))))->toBe([])
        ->and(array_values(array_diff(array_keys($spanish), array_keys($english))))->toBe([]);
    foreach ($english as $id => $text) {
        expect(trim($text))->not->toBe('', $id)->and(trim($spanish[$id]))->not->toBe('', $id);
        if (! str_contains($text.$spanish[$id], ', select,') && ! str_contains($text.$spanish[$id], ', plural,')) {
            expect($places($spanish[$id]))->toBe($places($text), $id);
        }
    }
});

it('says a name within a sentence small, and no other letter of it', function (string $id, string $en, string $es) {
    $lower = static fn (string $language): string => Phrasebook::in($language)->say(Phrase::of(
        'lower', ['of' => Phrase::of("ingredient.$id")],
    ));
    expect($lower('en'))->toBe($en)->and($lower('es'))->toBe($es);
})->with([
    ['bread-flour', 'bread flour', 'harina para pan'], ['confectioners-sugar', "confectioners' sugar", 'azúcar glas'],
    ['own-teff-flour', 'teff flour', 'teff flour'],
]);
