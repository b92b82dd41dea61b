<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Brick\Math\BigRational;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\OneOf;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Words\Phrase;

/** A recipe already scaled, with one slip in it: which line? */
final class FindSlip implements Maker
{
    private const LINES = 4;

    public function make(Setting $setting, Dice $dice): Question
    {
        $factors = [['2', '3'], ['2', '3', '1/2'], ['3', '1/2', '4']][$setting->level - 1];
        $factor = KitchenNotation::read($dice->pick($factors));
        $wrong = $dice->between(0, self::LINES - 1);
        $foods = $dice->some($setting->foods(Foods::isInRecipes(...)), self::LINES);
        $foods = count($foods) < self::LINES ? $dice->some(
            array_values(array_filter($setting->pantry->taught(), Foods::isInRecipes(...))), self::LINES,
        ) : $foods;
        $choices = [];
        $why = Phrase::of('practice.find-slip.none');
        foreach ($foods as $i => $one) {
            do {
                $amount = $dice->pick(RecipeAmounts::of($one, $setting, $dice->between(1, $setting->level)));
                $right = $amount->number->multipliedBy($factor)->simplified();
                $slips = array_values(
                    array_filter(Slips::of($amount->number, $factor), static fn (BigRational $slip): bool => ! $slip->isEqualTo($right)
                            && $slip->isGreaterThan(0)
                            && KitchenNotation::isKitchenFraction($slip) && $setting->meetsFraction($slip)),
                );
            } while (! KitchenNotation::isKitchenFraction($right) || ! $setting->meetsFraction($right) || ($i === $wrong && $slips === []));
            $isWrong = $i === $wrong;
            $shown = $isWrong && $slips !== [] ? $dice->pick($slips) : $right;
            $food = Phrase::of("ingredient.$one->id");
            $choices[] = new Choice(
                (string) $i,
                Phrase::of('practice.find-slip.line', ['food' => $food, 'amount' => $amount, 'same' => Amount::of($shown, $amount->unit)]),
                $isWrong ? null : 'line-is-right',
            );
            if ($isWrong) {
                $why = Phrase::of(
                    'practice.find-slip.why',
                    [
                        'food' => $food, 'amount' => $amount, 'factor' => KitchenNotation::write($factor),
                        'same' => Amount::of($right, $amount->unit),
                    ],
                );
            }
        }
        assert($choices !== []);

        return new Question(
            Skill::FindSlip, Phrase::of('practice.find-slip', ['factor' => KitchenNotation::write($factor)]), new OneOf($choices),
            $why, $choices,
        );
    }
}
