<?php

declare(strict_types=1);

use Hovik\Core\Lab\Dealing;

it('gives everybody a seat, and no station two more than another', function () {
    for ($seed = 0; $seed < 200; $seed++) {
        $students = range(1, 1 + $seed % 31);
        $stations = range(101, 101 + $seed % 8);
        $seats = Dealing::byChance($students, $stations, $seed);
        expect(array_keys($seats))->toEqualCanonicalizing($students)->and(array_diff($seats, $stations))->toBe([]);
        $counts = array_map(fn (int $station): int => count(array_keys($seats, $station, true)), $stations);
        expect(max($counts) - min($counts))->toBeLessThanOrEqual(1);
    }
});

it('deals the same by the same seed, otherwise by another, and nothing where there is no station', function () {
    $deal = fn (int $seed): array => Dealing::byChance(range(1, 24), range(1, 6), $seed);
    expect($deal(7))->toBe($deal(7))->not->toBe($deal(8))->and(Dealing::byChance([1, 2], [], 7))->toBe([]);
});
