<?php

declare(strict_types=1);

use Hovik\Core\Words\BritishEnglish;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

it('says the same in other words, whole words only, and keeps a capital', function (string $us, string $british) {
    expect(BritishEnglish::of($us))->toBe($british);
})->with([
    ['Level it with a rubber spatula.', 'Level it with a flexible spatula.'],
    ['Leveled, leveling, labeled', 'Levelled, levelling, labelled'],
    ['the angled liquid measuring cup', 'the angled measuring jug'],
    ['Liquid measuring cups', 'Measuring jugs'],
    ['small liquid measuring cup', 'small measuring jug'],
    ['All-purpose flour and powdered sugar', 'Plain flour and icing sugar'],
    ['colorless, liters, literal', 'colorless, litres, literal'],
    ['Check off each step in the class period', 'Tick each step in the lesson'],
]);

it('leaves the blanks of a pattern as they are', function () {
    expect(BritishEnglish::of('{color} of {liter, plural, one {# liter} other {# liters}} for {{flavor}}'))
        ->toBe('{color} of {liter, plural, one {# litre} other {# litres}} for {{flavor}}');
});

it('has every sentence of the English book with the same blanks, and none of the words that a British school does not write', function () {
    $us = Phrasebook::in('en')->patterns();
    $british = Phrasebook::in('en_GB')->patterns();
    $blanks = static fn (string $text): array => preg_match_all('/\{(\w+)/', $text, $found) === false ? [] : $found[1];
    $never = '/(?<!\{)\b(?:'.implode('|', array_map(static fn (string $word): string => preg_quote($word, '/'), array_keys(BritishEnglish::words()))).')\b/iu';
    expect(array_keys($british))->toBe(array_keys($us));
    foreach ($us as $id => $text) {
        expect($blanks($british[$id]))->toBe($blanks($text), $id)->and(preg_match($never, $british[$id]))->toBe(0, $british[$id]);
    }
    expect(count(array_diff_assoc($british, $us)))->toBeGreaterThan(50);
});

it('is only of a British school: not of the language, and in numbers as the reader\'s region has them', function () {
    $flour = Phrase::of('ingredient.all-purpose-flour');
    expect(Phrasebook::in('en')->say($flour))->toBe('All-purpose flour')->and(Phrasebook::in('en_GB')->say($flour))->toBe('Plain flour')
        ->and(Phrasebook::in('en_DE_BRITISH')->say($flour))->toBe('Plain flour')->and(Phrasebook::in('en_DE')->say($flour))->toBe('All-purpose flour')
        ->and(Phrasebook::in('es_GB')->say($flour))->toBe(Phrasebook::in('es')->say($flour));
});
