<?php

declare(strict_types=1);

use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Library\KnownTool;
use Hovik\Core\Library\Mistake;
use Hovik\Core\Library\TechniquePage;
use Hovik\Core\Library\Utensil;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Safety\Deeds;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Safety\StationChecklist;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

$page = fn (
    Family $family, ?HouseRules $schools = null, MeasureStandard $standard = MeasureStandard::UsCustomary,
) => TechniquePage::of($family, Pantry::reference(), $schools ?? HouseRules::usual(), $standard, ToleranceLevel::Practised);
$by = fn (TechniquePage $page, Cause $cause): ?Mistake => array_values(
    array_filter($page->mistakes, fn (Mistake $one) => $one->cause === $cause),
)[0] ?? null;

it('has a page for every family, in both languages, drawn step by step', function (Family $family) use ($page) {
    $shown = $page($family);
    $drawings = implode('', array_map(file_get_contents(...), glob(dirname(__DIR__, 2).'/resources/js/technique/*Scenes.tsx') ?: []));
    expect($shown->steps)->not->toBe([])->and($shown->foods)->toContain($shown->example->id);
    foreach ($shown->steps as $step) {
        expect(preg_match('~^  "?'.$step->value.'"?: \(~m', $drawings))->toBe(1, "$step->value is not drawn");
    }
    foreach (['en', 'es'] as $language) {
        $book = Phrasebook::in($language);
        expect($book->has("family.$family->value"))->toBeTrue()->and($book->has("family.$family->value.because"))->toBeTrue();
        foreach ($shown->schools as $one) {
            expect($book->say($one->question).$book->say($one->ours).$book->say($one->others[0]))->not->toContain('{');
        }
    }
})->with(Family::cases());

it('draws every step that there is', function () {
    $drawings = implode('', array_map(file_get_contents(...), glob(dirname(__DIR__, 2).'/resources/js/technique/*Scenes.tsx') ?: []));
    foreach (Step::cases() as $step) {
        expect(preg_match('~^  "?'.$step->value.'"?: \(~m', $drawings))->toBe(1, $step->value);
    }
});

it('weighs the mistakes by the handling file, against the class\'s own way', function () use ($page, $by) {
    $flour = $page(Family::FinePowder);
    // 125 g a cup; dipped is 1.10 of it, tapped heavier still, heaped and pressed too; sifted lighter.
    expect($flour->target->grams)->toEqualWithDelta(125, 0.01)
        ->and($by($flour, Cause::Dipped)->grams)->toEqualWithDelta(137.5, 1)
        ->and($by($flour, Cause::Dipped)->leadsTo)->toBe(Verdict::Heaped)
        ->and($by($flour, Cause::Sifted)->errorG)->toBeLessThan(0)
        ->and($by($flour, Cause::Unsifted))->toBeNull();
    $sifted = $page(Family::FinePowder, HouseRules::of([], [HouseMethod::SiftSpoonLevel]));
    expect($sifted->target->grams)->toBeLessThan(120)
        ->and($by($sifted, Cause::Unsifted)->leadsTo)->toBe(Verdict::Heaped)
        ->and($by($sifted, Cause::Sifted))->toBeNull();
    expect(
        $by($page(Family::MoistSugar), Cause::LooseSugar)->grams / $page(Family::MoistSugar)->target->grams,
    )->toEqualWithDelta(0.66, 0.02)
        ->and($by($page(Family::MoistSugar, HouseRules::of([], [HouseMethod::PackedLight])), Cause::LooseSugar))->toBeNull();
});

it('knows for liquids the eye and the curve, and for what clings the rest in the tool', function () use ($page, $by) {
    $milk = $page(Family::ThinLiquid);
    expect($by($milk, Cause::EyeAbove)->errorG)->toEqualWithDelta(-26, 4) // about -25 mL in a 1-cup jug
        ->and($by($milk, Cause::EyeBelow)->errorG)->toBeGreaterThan(10)
        ->and($by($milk, Cause::Heaped))->toBeNull();
    $honey = $page(Family::ViscousLiquid);
    expect($by($honey, Cause::Residue)->leadsTo)->not->toBe(Verdict::Heaped)->and($by($honey, Cause::Residue)->errorG)->toBeLessThan(0);
    expect($page(Family::Counted)->mistakes)->toBe([])->and($page(Family::WholeIrregular)->target)->toBeNull();
});

it('shows errors that add up with the weights beside them', function () use ($page) {
    foreach (Family::cases() as $family) {
        foreach ([MeasureStandard::UsCustomary, MeasureStandard::Metric250] as $standard) {
            $shown = $page($family, null, $standard);
            foreach ($shown->mistakes as $mistake) {
                expect(
                    $mistake->leadsTo === Verdict::Heaped
                        ? $mistake->errorG > 0
                        : ($mistake->leadsTo === Verdict::Shy ? $mistake->errorG < 0 : true),
                )->toBeTrue()
                    ->and((float) (string) $mistake->shownError($shown->target))->toEqualWithDelta(abs($mistake->errorG), 1.01);
            }
        }
    }
});

it('tells our class from other cooks, and never names our way among theirs', function () use ($page) {
    $dips = $page(Family::FinePowder, HouseRules::of(['levelling' => 'knife-back'], [HouseMethod::DipSweep]));
    expect($dips->schools[0]->ours->id)->toBe('method.dip-sweep')
        ->and(
            array_map(fn (Phrase $one) => $one->id, $dips->schools[0]->others),
        )->toBe(['method.stir-spoon-level', 'method.sift-spoon-level'])
        ->and($dips->steps)->toContain(Step::SweepKnife)->not->toContain(Step::SweepLevel)
        ->and($dips->careAt(Step::SweepKnife))->toBe(SafetyPoint::Knives);
    foreach (Family::cases() as $family) {
        foreach ($page($family)->schools as $one) {
            expect($one->others)->not->toBe([])->and(
                array_map(fn (Phrase $other) => $other->id, $one->others),
            )->not->toContain($one->ours->id);
        }
    }
});

it('shows the tools of the drawer, and the usual ones where it has none', function () {
    $us = MeasureStandard::UsCustomary;
    $known = KnownTool::all([ToolCatalogue::tool('dry-cup-us-1', $us), ToolCatalogue::tool('dry-cup-us-1-2', $us)], $us);
    expect($known[0]->owned)->toBeTrue()->and(array_map(fn ($tool) => $tool->nominal, $known[0]->sizes))->toBe(['1/2 cup', '1 cup'])
        ->and($known[1]->owned)->toBeFalse()->and($known[1]->sizes)->not->toBe([]);
    expect($known)->toHaveCount(7);
});

it('names every tool and helper, with what it is for and its other names, in both languages', function () {
    $drawn = (string) file_get_contents(dirname(__DIR__, 2).'/resources/js/technique/HelperDrawing.tsx');
    $ids = [...array_map(fn (KnownTool $one) => $one->kind->value, KnownTool::all([], MeasureStandard::UsCustomary)),
        ...array_column(Utensil::cases(), 'value')];
    foreach ($ids as $id) {
        foreach (['en', 'es'] as $language) {
            foreach (['', '.use', '.mind', '.also'] as $what) {
                expect(Phrasebook::in($language)->has("library.tool.$id$what"))->toBeTrue("$language $id$what");
            }
        }
    }
    foreach (Utensil::cases() as $utensil) {
        expect(preg_match('~^  "?'.$utensil->value.'"?: \(~m', $drawn))->toBe(1, "$utensil->value is not drawn");
    }
});

describe('a station\'s check', function () {
    it('asks about allergens only where there are some', function () {
        expect(StationChecklist::SetUp->items(['wheat']))->toBe(['hair', 'apron', 'hands', 'bench', 'allergens'])
            ->and(StationChecklist::SetUp->items([]))->not->toContain('allergens')
            ->and(
                Phrasebook::in('en')->say(StationChecklist::said('allergens', ['wheat', 'milk'])),
            )->toBe('We know: today there is wheat and milk');
    });
    it('is whole or nothing', function (array $ticked) {
        expect(fn () => StationChecklist::SetUp->require($ticked, []))->toThrow(InvalidInput::class);
    })->with([[[]], [['hair', 'apron', 'hands']], [['hair', 'apron', 'hands', 'bench', 'dance']]]);
    it('takes the whole list in any order', function () {
        StationChecklist::SetUp->require(['bench', 'hands', 'apron', 'hair'], []);
        StationChecklist::CleanUp->require(StationChecklist::CleanUp->items(['milk']), ['milk']);
        expect(fn () => StationChecklist::named('nap'))->toThrow(InvalidInput::class);
    });
    it('has words for every item, point and deed', function () {
        foreach (['en', 'es'] as $language) {
            $book = Phrasebook::in($language);
            foreach ([...StationChecklist::SetUp->items(['wheat']), ...StationChecklist::CleanUp->items([])] as $item) {
                expect($book->has("check.$item") && $book->has("check.$item.how"))->toBeTrue($item);
            }
            foreach (SafetyPoint::cases() as $point) {
                foreach (['', '.name', '.when', '.why'] as $part) {
                    expect($book->has("safety.$point->value$part"))->toBeTrue();
                }
                foreach (Deeds::unsafe($point) as $deed) {
                    expect($book->has("deed.$deed") && $book->has("miss.$deed") && strlen($deed) <= 24)->toBeTrue($deed);
                }
                foreach (Deeds::safe($point) as $deed) {
                    expect($book->has("deed.$deed"))->toBeTrue($deed);
                }
            }
        }
    });
});
