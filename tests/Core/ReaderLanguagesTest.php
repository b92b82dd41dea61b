<?php

declare(strict_types=1);

use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\Portions;
use Hovik\Core\Recipe\ReadAmount;
use Hovik\Core\Recipe\ReadLine;
use Hovik\Core\Recipe\RecipeReader;
use Hovik\Core\Recipe\SettledLine;

// Recipes as people have them: in two languages, as whole pages, in bakers' per cent. Lines stand in lines/, pages in pages/.

$amounts = static fn (ReadLine $line): string => implode('+', array_map(
    static fn (ReadAmount $a): string => ($a->min->isNegative() ? '-' : '').KitchenNotation::write($a->min->abs())
        .($a->max === null ? '' : '-'.KitchenNotation::write($a->max)).' '.($a->unit->value ?? '?'),
    $line->amounts,
));

/** What a line asks before anybody measures: such a food is not taken silently. */
$asks = static fn (ReadLine $line): bool => array_intersect(
    array_map(static fn (Flag $flag): string => $flag->value, $line->flags),
    ['which-kind', 'which-form', 'spelling', 'salt-crystal', 'unread-words', 'unknown-ingredient', 'no-unit'],
) !== [];

it('reads at least 95 of 100 lines as people write them, and no food for another in silence', function (string $language) use ($amounts, $asks) {
    $reader = new LineReader(Pantry::reference());
    $missed = $silent = [];
    $count = 0;
    foreach ((array) file(__DIR__."/lines/own-$language.txt", FILE_IGNORE_NEW_LINES) as $row) {
        if (str_starts_with((string) $row, '#')) {
            continue;
        }
        [$text, $amount, $food, $before, $after] = array_map(trim(...), explode('|', "$row||||"));
        $line = $reader->read($text);
        $is = $line->ingredient->id ?? '-';
        $isFood = $is === $food || $food === '*' && $is !== '-';
        $count++;
        if (! $isFood || $amounts($line) !== $amount || implode(' ', $line->before) !== $before || implode(' ', $line->after) !== $after) {
            $missed[] = "$text: {$amounts($line)} $is";
        }
        if (! $isFood && $is !== '-' && ! $asks($line)) {
            $silent[] = "$text: $is";
        }
    }
    expect($count)->toBeGreaterThanOrEqual(200)->and(count($missed))->toBeLessThanOrEqual($count * 0.05, implode("\n", $missed))
        ->and($silent)->toBe([]);
})->with(['en', 'es']);

it('reads the Spanish lines that it is measured by', function () {
    $reader = new LineReader(Pantry::reference());
    /** @var list<array{text: string, amounts: list<array{min: string, max: string|null, unit: string|null}>, ingredient: string|null,
     *     before: list<string>, after: list<string>, size: string|null, status?: string}> $cases */
    $cases = json_decode((string) file_get_contents(__DIR__.'/lines/measured-es.json'), true, 16, JSON_THROW_ON_ERROR);
    $missed = [];
    foreach ($cases as $case) {
        $line = $reader->read($case['text']);
        $is = array_map(static fn (ReadAmount $a): array => [
            'min' => KitchenNotation::write($a->min), 'max' => $a->max === null ? null : KitchenNotation::write($a->max), 'unit' => $a->unit?->value,
        ], $line->amounts);
        $told = [$is, $line->ingredient?->id, $line->before, $line->after, $line->size];
        $wanted = [$case['amounts'], $case['ingredient'], $case['before'], $case['after'], $case['size']];
        if ($told !== $wanted || isset($case['status']) && $case['status'] !== $line->status) {
            $missed[] = $case['text'];
        }
    }
    expect(count($cases))->toBe(120)->and(count($missed))->toBeLessThanOrEqual(6, implode("\n", $missed));
});

it('reads the English lines that it is measured by', function () {
    $reader = new LineReader(Pantry::reference());
    $missed = $silent = [];
    $count = 0;
    foreach ((array) file(__DIR__.'/lines/measured-en.txt', FILE_IGNORE_NEW_LINES) as $row) {
        [$text, $food] = array_map(trim(...), explode('=>', "$row=>"));
        $line = $reader->read($text);
        $count++;
        if (($line->ingredient->id ?? '(none)') !== $food) {
            $missed[] = "$text: ".($line->ingredient->id ?? '(none)');
        }
    }
    expect($count)->toBe(180)->and(count($missed))->toBeLessThanOrEqual(9, implode("\n", $missed));
});

it('takes a whole page apart', function (string $page, ?string $title, ?string $makes, array $lines, int $steps) use ($amounts) {
    $read = (new RecipeReader(Pantry::reference()))->read((string) file_get_contents(__DIR__."/pages/$page"));
    $told = array_map(
        static fn (ReadLine $line): string => $line->status === ReadLine::HEADING
            ? "# $line->name" : trim("{$amounts($line)} ".($line->ingredient->id ?? '-')),
        $read->lines,
    );
    expect($told)->toBe($lines)->and([$read->title, $read->makes, count($read->directions)])->toBe([$title, $makes, $steps])
        ->and($read->leftOut)->not->toContain('1 cup unsalted butter, softened');
})->with([
    'HTML, English' => ['lemon-bars.html', 'One-Pan Lemon Bars', '16 bars', [
        '# crust', '1 cup butter', '1/2 cup granulated-sugar', '2 cup all-purpose-flour', '1/4 tsp table-salt', '# filling',
        '1 1/2 cup granulated-sugar', '1/4 cup all-purpose-flour', '4 piece egg-large', '2/3 cup lemon-juice', 'confectioners-sugar',
    ], 3],
    'copied, English' => ['oat-cookies-copied.txt', 'Chewy Oat Cookies', '24', [
        '1 cup butter', '1 cup light-brown-sugar', '1/2 cup granulated-sugar', '2 piece egg-large', '1 tsp vanilla-extract',
        '1 1/2 cup all-purpose-flour', '1 tsp baking-soda', '1 tsp cinnamon', '1/2 tsp table-salt', '3 cup rolled-oats', '1 cup raisins',
    ], 3],
    'HTML, Spanish' => ['pan-dulce.html', 'Conchas de vainilla', '12 piezas', [
        '# masa', '4 cup all-purpose-flour', '1 tbsp instant-yeast', '1/2 cup granulated-sugar', '1/2 tsp table-salt', '3 piece egg-large',
        '3/4 cup whole-milk', '100 g butter', '# costra', '1 cup confectioners-sugar', '1 cup vegetable-shortening',
        '1 cup all-purpose-flour', '1 tsp vanilla-extract',
    ], 4],
    'copied, Spanish' => ['carrot-cake-copied.txt', 'PASTEL DE ZANAHORIA DE LA ABUELA', '10', [
        '# Ingredientes secos', '2 cup all-purpose-flour', '1 tbsp baking-powder', '2 tsp cinnamon', '1 pinch table-salt',
        '# Ingredientes húmedos', '3 piece egg-large', '1 1/4 cup granulated-sugar', '1 cup vegetable-oil', '2 cup carrot-grated',
        '1/2 cup pecans-chopped',
    ], 3],
    'a scan in two columns' => ['corn-bread-scan.txt', 'SEVEN SISTERS CORN BREAD page 14', null, [
        '# DRY', '1 cup cornmeal', '1 1/2 cup all-purpose-flour', '1 tbsp baking-powder', '3/4 tsp table-salt', '# WET', '2 piece egg-large',
        '1 1/4 cup buttermilk', '1/3 cup honey', '4 tbsp butter',
    ], 3],
]);

it('takes a title that begins with a number for a title', function (string $title) {
    $read = (new RecipeReader(Pantry::reference()))->read("$title\n2 cups flour\n1 cup milk");
    expect($read->title)->toBe($title)->and($read->lines)->toHaveCount(2);
})->with(['One Bowl Brownies', 'Two-Ingredient Bagels', '3 Cheese Straws', 'Half-Moon Pies', 'Tres Leches', 'Cuatro quesos']);

it('leaves a first line that is an ingredient where it is', function (string $line) {
    $read = (new RecipeReader(Pantry::reference()))->read("$line\n1 cup milk");
    expect($read->title)->toBeNull()->and($read->lines)->toHaveCount(2);
})->with(['2 cups flour', '2 eggs', 'one cup of sugar', '2 tazas de harina', '1 cup blue zorbs of flour']);

it('knows bakers’ per cent by its signs', function (string $text, string $percent, string $food) {
    $line = (new LineReader(Pantry::reference()))->read($text);
    expect((string) $line->percent?->toBigDecimal())->toBe($percent)->and($line->ingredient?->id)->toBe($food)
        ->and($line->has(Flag::BakersPercent))->toBeTrue();
})->with([
    ['100% bread flour', '100', 'bread-flour'], ['65 % water', '65', 'water'], ['Flour 100%', '100', 'all-purpose-flour'],
    ['Salt: 2%', '2', 'table-salt'], ['Harina 100 %', '100', 'all-purpose-flour'], ['1.5% instant yeast', '1.5', 'instant-yeast'],
]);

it('takes no fat content for bakers’ per cent', function () {
    expect((new LineReader(Pantry::reference()))->read('1 cup 2% milk')->percent)->toBeNull();
});

it('adds and takes off what a line says', function (string $text, string $is) {
    $line = (new LineReader(Pantry::reference()))->read($text);
    $amount = SettledLine::amount($line, MeasureStandard::UsCustomary);
    expect($amount === null ? null : KitchenNotation::write($amount->number).' '.$amount->unit->value)->toBe($is);
})->with([
    ['1 cup minus 2 tbsp flour', '7/8 cup'], ['1 lb 4 oz butter', '1 1/4 lb'], ['1 cup and 2 tablespoons milk', '1 1/8 cup'],
    ['1 taza menos 2 cucharadas de harina', '7/8 cup'], ['1 kilo 200 gramos de harina', '1 1/5 kg'],
]);

it('shares out in Spanish, too', function () {
    expect(Portions::of('10 tazas', '1/3 de taza', MeasureStandard::UsCustomary)->whole)->toBe(30);
});
