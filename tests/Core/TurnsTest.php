<?php

declare(strict_types=1);

use Eris\Generators;
use Eris\TestTrait;
use Hovik\Core\Lab\Turns;

uses(TestTrait::class);

it('goes round, begins with another student each time, and leaves out who is away', function () {
    expect(Turns::of([11, 12, 13, 14], [1, 2], 0))->toBe([11 => 1, 12 => 2, 13 => 1, 14 => 2])
        ->and(Turns::of([11, 12, 13], [1, 2], 1))->toBe([11 => 2, 12 => 1, 13 => 2])
        ->and(Turns::of([11, 12], [2], 5))->toBe([11 => 2, 12 => 2])
        ->and(Turns::of([11, 12], [], 3))->toBe([])
        ->and(Turns::of([], [1], 0))->toBe([]);
});

it('keeps what the teacher gave, and makes up for it with the rest', function () {
    expect(Turns::of([11, 12, 13, 14], [1, 2], 0, [12 => 1, 13 => 1]))->toBe([12 => 1, 13 => 1, 11 => 2, 14 => 2])
        ->and(Turns::of([11, 12], [1, 2], 0, [11 => 9, 99 => 1]))->toBe([11 => 1, 12 => 2]); // away, or no line of this station
});

it('gives every line once, and nobody two more than another', function () {
    $this->forAll(Generators::choose(0, 12), Generators::choose(1, 5), Generators::choose(0, 40))
        ->then(function (int $lines, int $students, int $round) {
            $all = $lines === 0 ? [] : range(101, 100 + $lines);
            $turns = Turns::of($all, range(1, $students), $round);
            expect(array_keys($turns))->toBe($all);
            $counts = array_count_values($turns) + array_fill_keys(range(1, $students), 0);
            expect(max($counts) - min($counts))->toBeLessThan(2);
        });
});
