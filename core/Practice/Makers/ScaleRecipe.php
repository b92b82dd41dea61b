<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Brick\Math\BigRational;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\Number;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Words\Phrase;

/** A line of a recipe, for another number of batches. */
final class ScaleRecipe implements Maker
{
    private const FACTORS = [['2', '3'], ['2', '3', '1/2', '4'], ['3', '1/2', '1 1/2', '1/3', '2 1/2']];

    public function make(Setting $setting, Dice $dice): Question
    {
        $food = Foods::any($setting, $dice, Foods::isInRecipes(...));
        do {
            $amount = $dice->pick(RecipeAmounts::of($food, $setting));
            $factor = KitchenNotation::read($dice->pick(self::FACTORS[$setting->level - 1]));
            $right = $amount->number->multipliedBy($factor)->simplified();
        } while (! KitchenNotation::isKitchenFraction($right) || ! $setting->meetsFraction($right) || ! $setting->meetsFraction($factor));
        $slips = array_filter(Slips::of($amount->number, $factor), static fn (BigRational $slip): bool => ! $slip->isEqualTo($right));

        return new Question(
            Skill::ScaleRecipe, Phrase::of(
                'practice.scale-recipe',
                [
                    'amount' => $amount, 'food' => Foods::name($food), 'factor' => KitchenNotation::write($factor),
                    'unit' => Phrase::of("practice.unit.{$amount->unit->value}"),
                ],
            ),
            new Number($right, $slips), Phrase::of(
                'practice.scale-recipe.why',
                ['amount' => $amount, 'factor' => KitchenNotation::write($factor), 'same' => Amount::of($right, $amount->unit)],
            ),
        );
    }
}
