<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\InOrder;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Words\Phrase;

/** A cup of each: which is heaviest? */
final class RankWeights implements Maker
{
    /** Nearer than this nobody has to know them, by level. */
    private const APART = [1.35, 1.2, 1.12];

    public function make(Setting $setting, Dice $dice): Question
    {
        $grams = static fn (Ingredient $food): float => $food->gramsPerUsCup?->toFloat() ?? 0.0;
        $chosen = [];
        // The class's own first; where they are too few, or too near each other, those that schools teach with.
        $foods = [
            ...$dice->shuffled($setting->foods(Foods::isCupped(...))),
            ...$dice->shuffled(array_values(array_filter($setting->pantry->taught(), Foods::isCupped(...)))),
        ];
        foreach ($foods as $food) {
            foreach ($chosen as $other) {
                if (max($grams($food), $grams($other)) / min($grams($food), $grams($other)) < self::APART[$setting->level - 1]) {
                    continue 2;
                }
            }
            $chosen[] = $food;
            if (count($chosen) === $setting->level + 2) {
                break;
            }
        }
        $shuffled = $chosen;
        usort($chosen, static fn (Ingredient $a, Ingredient $b): int => $grams($b) <=> $grams($a));
        $order = array_map(static fn (Ingredient $food): string => $food->id, $chosen);
        assert($order !== []);

        return new Question(
            Skill::RankWeights, Phrase::of('practice.rank-weights'), new InOrder($order, misordered: 'same-cup'),
            Phrase::of(
                'practice.rank-weights.why',
                [
                    'list' => Phrase::of(
                        'list.and',
                        [
                            'parts' => array_map(
                                static fn (Ingredient $food): Phrase => Phrase::of(
                                    'practice.rank-weights.one',
                                    ['food' => Foods::name($food), 'grams' => ShownGrams::of($grams($food))],
                                ),
                                $chosen,
                            ),
                        ],
                    ),
                ],
            ),
            array_map(static fn (Ingredient $food): Choice => new Choice($food->id, Foods::name($food)), $shuffled),
        );
    }
}
