<?php

declare(strict_types=1);

use Hovik\Core\Practice\ClassMistake;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

it('puts what most students share first, then what came most often', function () {
    $most = ClassMistake::most([
        7 => array_fill(0, 10, 'order'), 8 => ['too-much', 'from-above'], 9 => ['too-much'], 10 => ['from-above', 'from-above'], 11 => [],
    ], 3);
    expect(array_map(static fn (ClassMistake $one): array => [$one->misconception, $one->students, $one->times], $most))
        ->toBe([['from-above', 2, 3], ['too-much', 2, 2], ['order', 1, 10]])
        ->and(ClassMistake::most([], 5))->toBe([])
        ->and(ClassMistake::most([7 => ['order', 'added']], 1))->toHaveCount(1);
});

it('says each one to a teacher as what students do, in both languages; an unsafe deed in its own words', function (string $language) {
    $book = Phrasebook::in($language);
    $ids = array_map(
        static fn (string $key): string => substr($key, strlen('miss.')),
        array_values(array_filter(array_keys((require "core/Words/$language.practice.php") + require "core/Words/$language.safety.php"), static fn (string $key): bool => str_starts_with($key, 'miss.'))),
    );
    expect(count($ids))->toBeGreaterThan(80);
    foreach ($ids as $id) {
        $said = $book->say((new ClassMistake($id, 1, 1))->said());
        expect($said)->not->toContain('class-miss')->and($said)->not->toBe($book->say(Phrase::of("miss.$id")));
    }
})->with(['en', 'es']);
