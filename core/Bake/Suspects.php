<?php

declare(strict_types=1);

namespace Hovik\Core\Bake;

use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Role;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

/** From a fault in the bake back to the weights of one station that could have led to it, most suspect first. */
final class Suspects
{
    /** An error below half a tolerance explains nothing. */
    private const LEAST_TOLERANCES = 0.5;

    /**
     * @param  list<array{ingredient: Ingredient, error_g: float, tolerances: float, verdict: Verdict}>  $weighings  the one that went
     *   into the bowl of each line
     * @return list<array{index: int, score: float, said: Phrase}> index into the weighings; what was over or under, and what that does
     */
    public static function of(Fault $fault, array $weighings): array
    {
        $suspects = [];
        foreach ($weighings as $index => $weighing) {
            $role = $weighing['ingredient']->role->actsAs();
            $direction = $weighing['error_g'] <=> 0.0;
            foreach ($fault->leadsFrom() as [$leads, $way, $telling]) {
                if ($leads === $role && $way === $direction && abs($weighing['tolerances']) >= self::LEAST_TOLERANCES) {
                    $suspects[] = [
                        'index' => $index, 'score' => $telling * abs($weighing['tolerances']),
                        'said' => self::say($weighing, $role, $way),
                    ];
                }
            }
        }
        usort($suspects, static fn (array $a, array $b): int => $b['score'] <=> $a['score']);

        return $suspects;
    }

    /** @param  array{ingredient: Ingredient, error_g: float, tolerances: float, verdict: Verdict}  $weighing */
    private static function say(array $weighing, Role $role, int $way): Phrase
    {
        $side = $way > 0 ? 'high' : 'low';

        return Phrase::of("suspect.$side", [
            'name' => Phrase::of("ingredient.{$weighing['ingredient']->id}"),
            'grams' => ShownGrams::of(abs($weighing['error_g'])),
            'why' => Phrase::of("bake.{$role->value}.$side"),
        ]);
    }
}
