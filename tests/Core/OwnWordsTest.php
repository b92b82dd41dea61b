<?php

declare(strict_types=1);

use Eris\Generators;
use Eris\TestTrait;
use Hovik\Core\Words\OwnWords;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;
use Hovik\Core\Words\WordingKind;

uses(TestTrait::class);

it('lets a kitchen say steps, reasons, notes, cautions, slips, consequences and tools, and nothing else', function () {
    $kinds = array_count_values(array_map(fn (string $id) => WordingKind::of($id)->value, array_keys(OwnWords::seeded('en'))));
    expect(array_keys($kinds))->toEqualCanonicalizing(array_column(WordingKind::cases(), 'value'))
        ->and(array_keys(OwnWords::seeded('es')))->toEqualCanonicalizing(array_keys(OwnWords::seeded('en')));
    foreach (['ingredient.salt', 'unit.cup', 'refusal.digits', 'working.amount', 'verdict.level', 'school.oven', 'miss.sleeves-down'] as $id) {
        expect(WordingKind::of($id))->toBeNull();
    }
    foreach (['step.loosen' => 'step', 'step.loosen.why' => 'reason', 'safety.raw-flour' => 'caution', 'then.sifted' => 'note'] as $id => $kind) {
        expect(WordingKind::of($id)->value)->toBe($kind);
    }
});

it('keeps every seeded sentence within what it asks of a teacher', function (string $language) {
    foreach (OwnWords::seeded($language) as $id => $text) {
        expect(OwnWords::checked($id, $text, $language))->toBe($text);
    }
})->with(['en', 'es']);

it('asks for words, few enough, with the same blanks', function (string $id, string $text, string $because) {
    $said = Phrasebook::in('en')->say(Phrase::of($because, ['most' => 60, 'blanks' => '{percent}']));
    expect(refused(fn () => OwnWords::checked($id, $text, 'en')))->toBe(['text', $said]);
})->with([
    ['step.loosen', " \n ", 'refusal.own-words-empty'],
    ['step.loosen', str_repeat('Stir ', 13), 'refusal.own-words-long'],
    ['step.loosen', 'Stir {percent}', 'refusal.own-words-braces'],
    ['step.loosen', 'Stir {', 'refusal.own-words-braces'],
    ['watch.dipped', 'Do not dip.', 'refusal.own-words-blanks'],
    ['watch.dipped', '{percent} {percent}', 'refusal.own-words-blanks'],
    ['watch.dipped', '{percent, plural, other {x}}', 'refusal.own-words-blanks'],
    ['ingredient.salt', 'Salt', 'refusal.not-found'],
    ['no.such', 'Salt', 'refusal.not-found'],
]);

it('says what was typed, letter by letter, with its figures in place', function () {
    $this->forAll(Generators::string())->then(function (string $typed) {
        $text = trim(str_replace(['{', '}'], '', $typed).' {percent}');
        $book = Phrasebook::in('en')->with(new OwnWords(['watch.dipped' => $text]));
        expect($book->say(Phrase::of('watch.dipped', ['percent' => 12])))->toBe(str_replace('{percent}', '12', $text));
    });
    $book = Phrasebook::in('es')->with(new OwnWords(['step.loosen' => "Don't 'rush' it", 'no.such' => 'x']));
    expect($book->say(Phrase::of('step.loosen')))->toBe("Don't 'rush' it")->and($book->has('no.such'))->toBeFalse()
        ->and($book->say(Phrase::of('step.sift')))->toBe(Phrasebook::in('es')->say(Phrase::of('step.sift')))
        ->and(Phrasebook::in('es')->say(Phrase::of('step.loosen')))->not->toContain('rush');
});

it('has another mark for other words, and none for none', function () {
    expect((new OwnWords([]))->mark())->toBe('')
        ->and((new OwnWords(['step.sift' => 'a']))->mark())->not->toBe((new OwnWords(['step.sift' => 'b']))->mark());
});
