<?php

declare(strict_types=1);

use Hovik\Core\Bake\Consequence;
use Hovik\Core\Bake\Fault;
use Hovik\Core\Bake\Suspects;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Pantry\Role;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrasebook;

it('gives every food of the pantry the part it plays', function (string $id, Role $role) {
    expect(Pantry::reference()->ingredient($id)->role->actsAs())->toBe($role);
})->with([
    ['bread-flour', Role::Flour], ['rolled-oats', Role::Flour], ['confectioners-sugar', Role::Sugar], ['honey', Role::Sugar],
    ['light-brown-sugar', Role::Sugar],
    ['baking-soda', Role::Leavener], ['instant-yeast', Role::Leavener], ['coarse-salt-light-flakes', Role::Salt],
    ['cardamom', Role::Flavour], ['vanilla-extract', Role::Flavour],
    ['butter', Role::Fat], ['vegetable-oil', Role::Fat], ['whole-milk', Role::Liquid], ['yogurt-plain', Role::Liquid],
    ['egg-large', Role::Egg], ['raisins', Role::Flavour], ['cocoa-powder', Role::Flavour],
]);

it('knows a part for all of them', function () {
    foreach (Pantry::reference()->ids() as $id) {
        expect(Pantry::reference()->ingredient($id)->role)->toBeInstanceOf(Role::class);
    }
});

it('says what too much and too little do, and nothing of what is Level or too close to tell', function () {
    $said = fn (Role $role, Verdict $verdict) => Phrasebook::in('en')->say(Consequence::of($role, $verdict));
    expect($said(Role::Flour, Verdict::Heaped))->toContain('dry')->and($said(Role::Flour, Verdict::Shy))->toContain('spreads')
        ->and($said(Role::Leavener, Verdict::Heaped))->toContain('bitter')->and($said(Role::Sugar, Verdict::Shy))->toContain('pale')
        ->and($said(Role::Liquid, Verdict::Heaped))->toContain('gummy')->and(Consequence::of(Role::Egg, Verdict::TooClose))->toBeNull();
});

$weighing = fn (string $id, float $errorG, float $tolerances) => [
    'ingredient' => Pantry::reference()->ingredient($id), 'error_g' => $errorG, 'tolerances' => $tolerances,
    'verdict' => $tolerances >= 1 ? Verdict::Heaped : ($tolerances <= -1 ? Verdict::Shy : Verdict::Level),
];

it('goes back from a fault to the weights that could have led to it, worst first', function () use ($weighing) {
    $weighed = [
        $weighing('bread-flour', 44, 2.5), $weighing('whole-milk', -20, -1.1), $weighing('butter', 1, 0.2),
        $weighing('granulated-sugar', 30, 3.0),
    ];
    $suspects = Suspects::of(Fault::Dry, $weighed);
    expect(array_column($suspects, 'index'))->toBe([0, 1]) // sugar over is not what dries
        ->and(Phrasebook::in('en')->say($suspects[0]['said']))->toBe(
            'Bread flour: 44 g over. With this much flour it turns dry, tough and dense.',
        );
    expect(array_column(Suspects::of(Fault::Spread, $weighed), 'index'))->toBe([3]);
});

it('suspects no weight that is all but on its target, and none on the other side', function () use ($weighing) {
    expect(Suspects::of(Fault::Dry, [$weighing('bread-flour', 5, 0.4), $weighing('whole-milk', 20, 1.2)]))->toBe([]);
});

it('keeps apart what no scale would show, for every fault, and each fault has a weight that leads to it', function () {
    foreach (Fault::cases() as $fault) {
        expect($fault->otherCauses())->not->toBe([], $fault->value)->and($fault->leadsFrom())->not->toBe([]);
        foreach ($fault->leadsFrom() as [, $way, $telling]) {
            expect([-1, 1])->toContain($way)->and($telling)->toBeGreaterThan(0.0)->toBeLessThanOrEqual(1.0);
        }
    }
});
