<?php

declare(strict_types=1);

use Hovik\Core\Bake\Consequence;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Kind;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Pantry\Role;
use Hovik\Core\Plan\Advice;
use Hovik\Core\Plan\ToolPlanner;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Recipe\LineMatching;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\RecipeLine;
use Hovik\Core\Recipe\Sharing;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

// The policy tables of the craft's page, number by number: whoever changes one changes it here, too.

it('tolerates by family and level what the craft says', function (Family $family, array $percents, float $floor) {
    foreach (ToleranceLevel::cases() as $i => $level) {
        $tolerance = Tolerance::usual($family, $level, Strictness::Structural);
        expect($tolerance->percent)->toEqual($percents[$i], $level->value)->and($tolerance->floorG)->toBe($floor);
        expect(Tolerance::usual($family, $level, Strictness::Flavour)->percent)->toEqual(1.5 * $percents[$i])
            ->and(Tolerance::usual($family, $level, Strictness::Free)->percent)->toEqual(3 * $percents[$i])
            ->and(Tolerance::usual($family, $level, Strictness::Free)->floorG)->toBe($floor); // the per cent only
    }
})->with([
    'fine powder' => [Family::FinePowder, [12, 8, 5], 1.0],
    'moist sugar' => [Family::MoistSugar, [12, 8, 5], 1.0],
    'granular sugar' => [Family::GranularSugar, [8, 5, 3], 1.0],
    'solid fat' => [Family::SolidFat, [8, 5, 3], 1.0],
    'nut butter' => [Family::NutButter, [8, 5, 3], 1.0],
    'thin liquid' => [Family::ThinLiquid, [8, 5, 3], 1.0],
    'oil' => [Family::Oil, [8, 5, 3], 1.0],
    'thick dairy' => [Family::ThickDairyPuree, [8, 5, 3], 1.0],
    'viscous liquid' => [Family::ViscousLiquid, [10, 6, 4], 1.0],
    'leavener and spice' => [Family::LeavenerSpice, [20, 12, 8], 1.0],
    'coarse grain' => [Family::CoarseGrain, [15, 10, 6], 1.0],
    'pieces' => [Family::Pieces, [15, 10, 6], 1.0],
    'shredded' => [Family::Shredded, [20, 12, 8], 1.0],
    'whole and irregular' => [Family::WholeIrregular, [20, 12, 8], 1.0],
    'counted' => [Family::Counted, [10, 8, 5], 1.0],
]);

it('takes strictly what carries the bake', function (string $food, Strictness $strictness) {
    expect(Strictness::usual(Pantry::reference()->ingredient($food)))->toBe($strictness);
})->with([
    ['bread-flour', Strictness::Structural], ['granulated-sugar', Strictness::Structural], ['light-brown-sugar', Strictness::Structural],
    ['butter', Strictness::Structural], ['vegetable-oil', Strictness::Structural], ['olive-oil', Strictness::Structural],
    ['egg-large', Strictness::Structural], ['whole-milk', Strictness::Structural], ['baking-powder', Strictness::Structural],
    ['cream-of-tartar', Strictness::Structural], ['instant-yeast', Strictness::Structural], ['rolled-oats', Strictness::Structural],
    ['yogurt-plain', Strictness::Structural], ['vanilla-extract', Strictness::Flavour], ['lemon-juice', Strictness::Flavour],
    ['table-salt', Strictness::Flavour], ['cinnamon', Strictness::Flavour], ['raisins', Strictness::Flavour],
    ['honey', Strictness::Flavour],
    ['chocolate-chips', Strictness::Flavour], ['banana', Strictness::Flavour],
]);

it('shows grams whole from 10, to a tenth from 1, else to a hundredth, half up', function (string $grams, string $shown) {
    expect((string) ShownGrams::of((float) $grams))->toBe($shown);
})->with([
    ['218.75', '219'], ['10', '10'], ['9.96', '10.0'], ['9.94', '9.9'], ['1', '1.0'], ['0.996', '1.00'], ['0.994', '0.99'], ['0.5', '0.50'],
    ['113.5', '114'], ['3.55', '3.6'], ['0', '0.00'],
]);

it('goes from spoons to cups at the smallest owned cup, and to the scale over three', function (
    string $amount, string $unit, string $tool, bool $weigh,
) {
    $us = MeasureStandard::UsCustomary;
    $drawer = array_map(static fn (string $id): Tool => ToolCatalogue::tool($id, $us), [
        'dry-cup-us-1', 'dry-cup-us-1-2', 'dry-cup-us-1-4', 'spoon-us-1-tbsp', 'spoon-us-1-tsp', 'spoon-us-1-2-tsp', 'spoon-us-1-4-tsp',
    ]);
    $flour = Pantry::reference()->ingredient('bread-flour');
    $plans = (new ToolPlanner(Pantry::reference()))->plan(Amount::of($amount, Unit::from($unit)), $flour, $drawer, $us);
    expect($plans->best()?->fills[0]->tool->id)->toBe($tool)->and(in_array(Advice::WeighInstead, $plans->advice, true))->toBe($weigh);
})->with([
    ['3/4', 'tsp', 'spoon-us-1-2-tsp', false], ['1', 'tbsp', 'spoon-us-1-tbsp', false], ['3', 'tbsp', 'spoon-us-1-tbsp', false],
    ['1/4', 'cup', 'dry-cup-us-1-4', false], ['4', 'tbsp', 'dry-cup-us-1-4', false], ['1', 'cup', 'dry-cup-us-1', false],
    ['3', 'cup', 'dry-cup-us-1', false], ['3 1/4', 'cup', 'dry-cup-us-1', true],
]);

it('knows a role for every food and a kind for those that rules speak of', function () {
    $pantry = Pantry::reference();
    $kinds = [];
    foreach ($pantry->ids() as $id) {
        $kind = $pantry->ingredient($id)->kind;
        if ($kind !== null) {
            $kinds[$kind->value][] = $id;
        }
    }
    expect($kinds['salt'])->toHaveCount(4)->and($kinds['yeast'])->toBe(['active-dry-yeast', 'instant-yeast'])
        ->and($kinds['lumpy-powder'])->toEqualCanonicalizing(['confectioners-sugar', 'cocoa-powder'])
        ->and($kinds['cupped'])->toContain('poppy-seed', 'chia-seeds', 'fresh-herbs-chopped');
    foreach ($pantry->ofKind(Kind::Salt) as $id) {
        expect($pantry->ingredient($id)->role)->toBe(Role::Salt);
    }
    foreach (['baking-powder', 'baking-soda', 'cream-of-tartar', ...$pantry->ofKind(Kind::Yeast)] as $id) {
        expect($pantry->ingredient($id)->role->actsAs())->toBe(Role::Leavener, $id);
    }
});

it('says of every role and verdict what it does to the bake, or nothing', function () {
    foreach (Role::cases() as $role) {
        foreach (Verdict::cases() as $verdict) {
            $says = Consequence::of($role, $verdict);
            expect($says !== null)->toBe(in_array($verdict, [Verdict::Heaped, Verdict::Shy], true));
        }
    }
});

it('shares a size among the stations, or makes it at each', function (Sharing $sharing, string $each, string $all) {
    $factor = Factor::of('2');
    expect($sharing->each($factor, 6)->text())->toBe($each)->and($sharing->all($factor, 6)->text())->toBe($all);
})->with([[Sharing::ForTheClass, '1/3', '2'], [Sharing::AtEachStation, '2', '12']]);

// ---- Recipe lines through their versions

$reader = static function (): LineReader {
    static $one = null;

    return $one ??= new LineReader(Pantry::reference());
};
$carried = function (array $before, array $after) use ($reader): array {
    $lines = [];
    foreach ($before as $i => $text) {
        $lines[] = RecipeLine::read('1.'.($i + 1), $reader()->read($text));
    }

    return array_map(
        static fn (RecipeLine $line): string => $line->id,
        LineMatching::carryOver($lines, array_map($reader()->read(...), $after), 2, $reader()),
    );
};

it('knows which line of a changed recipe is which', function (array $before, array $after, array $ids) use ($carried) {
    expect($carried($before, $after))->toBe($ids);
})->with([
    'nothing changed' => [['1 cup flour', '2 eggs'], ['1 cup flour', '2 eggs'], ['1.1', '1.2']],
    'two equal lines' => [['1 egg', '1 egg', '1 cup milk'], ['1 egg', '1 egg', '2 cups milk'], ['1.1', '1.2', '1.3']],
    'one of two equal lines gone' => [['1 egg', '1 egg'], ['1 egg'], ['1.1']],
    'one changed between two' => [['1 cup flour', '2 eggs', '1 cup milk'], ['1 cup flour', '3 eggs', '1 cup milk'], ['1.1', '1.2', '1.3']],
    'one put in' => [['1 cup flour', '1 cup milk'], ['1 cup flour', '2 eggs', '1 cup milk'], ['1.1', '2.2', '1.2']],
    'one taken out' => [['1 cup flour', '2 eggs', '1 cup milk'], ['1 cup flour', '1 cup milk'], ['1.1', '1.3']],
    'turned round' => [['1 cup flour', '2 eggs'], ['2 eggs', '1 cup flour'], ['1.2', '2.2']],
    'two changed at once' => [['1 cup flour', '2 eggs', '1 cup milk'], ['2 cups flour', '3 eggs', '1 cup milk'], ['2.1', '2.2', '1.3']],
    'all new' => [['1 cup flour'], ['2 eggs', '1 cup milk'], ['2.1', '2.2']],
    'from nothing' => [[], ['1 cup flour'], ['2.1']],
]);

it('gives no id twice, whatever is cut, copied and moved', function () use ($carried) {
    mt_srand(7);
    $texts = ['1 cup flour', '2 eggs', '1 cup milk', '1/2 tsp salt', '2 eggs'];
    for ($try = 0; $try < 300; $try++) {
        $pick = static fn (): array => array_map(static fn () => $texts[mt_rand(0, 4)], range(1, mt_rand(1, 7)));
        [$before, $after] = [$pick(), $pick()];
        $ids = $carried($before, $after);
        expect($ids)->toHaveCount(count($after))->and(array_unique($ids))->toHaveCount(count($after));
        foreach ($ids as $i => $id) {
            [$version, $place] = array_map(intval(...), explode('.', $id));
            if ($version === 1 && in_array($after[$i], $before, true) && $before[$place - 1] !== $after[$i]) {
                // An id kept by a line that says otherwise is a single changed one between two that stayed.
                expect($i === 0 || str_starts_with($ids[$i - 1], '1.'))->toBeTrue();
            }
        }
    }
});

// ---- Refusals

it('has words in both languages for everything it refuses', function () {
    $used = [];
    foreach (['core', 'app', 'bootstrap'] as $folder) {
        $files = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/$folder", FilesystemIterator::SKIP_DOTS),
        );
        foreach ($files as $file) {
            if ($file->getExtension() === 'php' && preg_match('~/Words/(en|es)\b~', $file->getPathname()) !== 1) {
                // An id put together at run time would be seen by nobody here.
                expect((string) file_get_contents($file->getPathname()))->not->toContain('"refusal.', $file->getPathname());
                preg_match_all("~'(refusal\.[a-z0-9-]+)'~", (string) file_get_contents($file->getPathname()), $found);
                array_push($used, ...$found[1]);
            }
        }
    }
    expect(count(array_unique($used)))->toBeGreaterThanOrEqual(100);
    foreach (['en', 'es'] as $language) {
        $book = Phrasebook::in($language);
        foreach (array_unique($used) as $id) {
            expect($book->has($id))->toBeTrue("$id has no words in $language");
        }
    }
    // And no words that nothing says.
    $kept = array_keys(require dirname(__DIR__, 2).'/core/Words/en.refusals.php');
    expect(array_values(array_diff($kept, $used)))->toBe([]);
});

it('refuses by phrase alone', function () {
    expect((new ReflectionMethod(InvalidInput::class, '__construct'))->isPrivate())->toBeTrue()
        ->and(InvalidInput::because('grams', Phrase::of('refusal.not-text'))->phrase->id)->toBe('refusal.not-text');
});
