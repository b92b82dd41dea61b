<?php

declare(strict_types=1);

namespace Hovik\Core\Standard;

use Hovik\Core\Words\Phrase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Who does what in an experiment, and in which order: dealt out by chance, and balanced, so that neither skill nor practice favours
 * one.
 */
final class ExperimentPlan
{
    /**
     * Everybody does all of them: each order of a Latin square as often as every other, so that each comes first, second and so on as often
     * as can be.
     *
     * @param  list<int>  $students
     * @param  non-empty-list<string>  $arms
     * @param  int  $seed  the same seed deals the same
     * @return array<int, list<string>> arms in order, by student
     */
    public static function allByAll(array $students, array $arms, int $seed): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $arms = $chance->shuffleArray($arms);
        $orders = [];
        foreach (array_keys($arms) as $i) {
            $turned = [...array_slice($arms, $i), ...array_slice($arms, 0, $i)];
            $orders[] = $turned;
            $orders[] = array_reverse($turned); // what follows what is balanced, too
        }
        $dealt = [];
        foreach ($chance->shuffleArray($students) as $i => $student) {
            $dealt[$student] = $orders[$i % count($orders)];
        }

        return $dealt;
    }

    /**
     * Everybody does one: as many each as can be.
     *
     * @param  list<int>  $students
     * @param  non-empty-list<string>  $arms
     * @return array<int, list<string>> the arm, by student
     */
    public static function oneEach(array $students, array $arms, int $seed): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $arms = $chance->shuffleArray($arms);
        $dealt = [];
        foreach ($chance->shuffleArray($students) as $i => $student) {
            $dealt[$student] = [$arms[$i % count($arms)]];
        }

        return $dealt;
    }

    /**
     * Whether a student worked out their own difference rightly: the heaviest less the lightest, to a twentieth of a gram.
     *
     * @param  float  $said  g
     * @param  non-empty-list<float>  $grams  that they weighed
     */
    public static function isOwnDifference(float $said, array $grams): bool
    {
        return abs($said - (max($grams) - min($grams))) <= 0.05 + 1e-9;
    }

    /**
     * What to say to their answer.
     *
     * @param  non-empty-list<float>  $grams
     */
    public static function said(float $said, array $grams): Phrase
    {
        return Phrase::of(self::isOwnDifference($said, $grams) ? 'experiment.right' : 'experiment.again', [
            'more' => max($grams), 'less' => min($grams), 'grams' => round(max($grams) - min($grams), 2),
        ]);
    }
}
