<?php

declare(strict_types=1);

use Hovik\Core\JsonInput;
use Hovik\Core\Lab\EditedList;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\Directions\DirectionStep;
use Hovik\Core\Recipe\Directions\DoneBy;
use Hovik\Core\Recipe\Directions\ProposedSteps;
use Hovik\Core\Recipe\RecipeLine;
use Hovik\Core\Safety\LabSafety;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Safety\StationChecklist;
use Hovik\Core\Words\Phrase;

$lines = [
    new RecipeLine('h', 'For the dough', true), new RecipeLine('f', '2 cups bread flour'), new RecipeLine('s', '1 tsp table salt'),
    new RecipeLine('b', '3 tbsp butter'), new RecipeLine('m', '1 cup whole milk'), new RecipeLine('z', '1 cup blue zorbs'),
    new RecipeLine('k', '1 egg', skip: true),
];
$read = fn (string ...$texts): array => (new ProposedSteps(Pantry::reference(), $lines))->of(array_values($texts));

describe('steps proposed from their words', function () use ($read) {
    it('are tied to the lines they use', function (string $text, array $uses) use ($read) {
        expect($read($text)[0]->lines)->toBe($uses);
    })->with([
        ['Mix the flour and the salt.', ['f', 's']], ['Whisk the dry ingredients.', ['f', 's']], ['Rub in the butter.', ['b']],
        ['Add the milk and egg.', ['m']], ['Let it rest.', []], ['Mix everything together.', ['f', 's', 'b', 'm']],
    ]);
    it('are for whom their dangers allow', function (string $text, DoneBy $by) use ($read) {
        expect($read($text)[0]->by)->toBe($by);
    })->with([
        ['Stir the flour.', DoneBy::Student], ['Melt the butter.', DoneBy::WithAdult], ['Bake for 20 minutes.', DoneBy::WithAdult],
        ['Chop the nuts.', DoneBy::WithAdult], ['Preheat the oven to 180.', DoneBy::Teacher], ['Put it into the oven.', DoneBy::Teacher],
        ['Deep-fry in hot oil.', DoneBy::Teacher], ['FRY IT.', DoneBy::Teacher], ['Open the cans.', DoneBy::Teacher],
        ['Mezcla la harina.', DoneBy::Student], ['Derrite la mantequilla.', DoneBy::WithAdult], ['Precalienta el horno.', DoneBy::Teacher],
        ['Fríe en aceite caliente.', DoneBy::Teacher], ['Cover it with a cutlery box.', DoneBy::Student],
    ]);
    it('ask for gloves where hands shape what is not baked afterwards', function (array $texts, array $gloves) use ($read) {
        expect(array_map(static fn (DirectionStep $step): bool => $step->gloves, $read(...$texts)))->toBe($gloves);
    })->with([
        [['Roll into balls.', 'Chill.'], [true, false]], [['Knead it by hand.', 'Bake.'], [false, false]],
        [['Forma bolitas.', 'Enfría.'], [true, false]], [['Amasa con las manos.', 'Hornea.'], [false, false]],
    ]);
    it('are read in the language of the whole, not of one step', function () use ($read) {
        [$one] = $read('Salt.', 'Whisk the flour with the milk and bake it in the pan until it is done.');
        expect($one->lines)->toBe(['s']);
    });
});

it('keeps what a teacher settled while the words stay, and drops lines that are gone', function () use ($lines) {
    $before = [
        new DirectionStep('Mix.', ['f', 'gone'], DoneBy::Teacher, true, 'Slowly.', true), new DirectionStep('Melt the butter.', [], DoneBy::Student),
        new DirectionStep('Bake.', [], DoneBy::Student, settled: true),
    ];
    $after = (new ProposedSteps(Pantry::reference(), $lines))->of(['Melt the butter.', 'Mix.', 'Bake it.'], $before);
    expect($after[0]->by)->toBe(DoneBy::WithAdult)->and($after[0]->settled)->toBeFalse()
        ->and($after[1])->toEqual(new DirectionStep('Mix.', ['f'], DoneBy::Teacher, true, 'Slowly.', true))
        ->and($after[2]->by)->toBe(DoneBy::WithAdult)->and($after[2]->settled)->toBeFalse();
    foreach ($after as $step) {
        expect(DirectionStep::fromArray(new JsonInput($step->toArray())))->toEqual($step);
    }
});

it('takes the full name of one food for no other of its kind', function () {
    $steps = new ProposedSteps(Pantry::reference(), [
        new RecipeLine('b', '1/2 cup packed light brown sugar'), new RecipeLine('c', '1 cup confectioners\' sugar'), new RecipeLine('g', '1 cup sugar'),
    ]);
    expect($steps->of(['Cream the brown sugar.'])[0]->lines)->toBe(['b'])->and($steps->of(['Add the sugar.'])[0]->lines)->toBe(['b', 'c', 'g']);
});

it('leaves a line out whose settled food the pantry no longer has', function () {
    $steps = new ProposedSteps(Pantry::reference(), [new RecipeLine('x', '1 cup flour', ingredient: 'own-gone')]);
    expect($steps->of(['Mix the flour.'])[0]->lines)->toBe([]);
});

it('puts cautions beside the step that needs them, in both languages', function (string $text, array $points) {
    expect(LabSafety::ofWords($text))->toBe($points)->and((new DirectionStep($text))->safety())->toBe($points);
})->with([
    ['Stir.', []], ['Melt the butter.', [SafetyPoint::HotLiquids]], ['Sift it.', [SafetyPoint::Dust]], ['Bake.', [SafetyPoint::Oven]],
    ['Slice it and boil it.', [SafetyPoint::HotLiquids, SafetyPoint::Knives]], ['Pour it into a jar.', [SafetyPoint::BrokenGlass]],
    ['Hornea 20 minutos.', [SafetyPoint::Oven]], ['Derrite y corta.', [SafetyPoint::HotLiquids, SafetyPoint::Knives]], ['Tamiza.', [SafetyPoint::Dust]],
]);

describe('a list that its teacher changes', function () {
    it('has points of their own and leaves out what is out', function () {
        $edited = new EditedList(['Rings off'], ['apron']);
        [$own] = array_keys($edited->ownByKey());
        expect(StationChecklist::SetUp->items(['wheat'], $edited))->toBe(['hair', 'hands', 'bench', 'allergens', $own])
            ->and($edited->ownByKey()[$own])->toBe('Rings off')->and($edited->hasOut('apron'))->toBeTrue()->and($edited->hasOut('hair'))->toBeFalse()
            ->and(EditedList::fromArray(new JsonInput($edited->toArray())))->toEqual($edited);
        StationChecklist::SetUp->require(['hair', 'hands', 'bench', $own], [], $edited);
        expect(fn () => StationChecklist::SetUp->require(['hair', 'hands', 'bench'], [], $edited))->toThrow(Hovik\Core\InvalidInput::class)
            ->and(fn () => StationChecklist::SetUp->require(['hair', 'apron', 'hands', 'bench', $own], [], $edited))
            ->toThrow(Hovik\Core\InvalidInput::class);
    });
    it('remembers a proposed point by its sentence', function () {
        expect(EditedList::key(Phrase::of('prepare.oven')))->toBe(EditedList::key(Phrase::of('prepare.oven')))
            ->not->toBe(EditedList::key(Phrase::of('prepare.boiling')))
            ->and(EditedList::key(Phrase::of('prepare.melt', ['name' => 'a'])))->not->toBe(EditedList::key(Phrase::of('prepare.melt', ['name' => 'b'])));
    });
});
