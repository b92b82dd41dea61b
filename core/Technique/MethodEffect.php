<?php

declare(strict_types=1);

namespace Hovik\Core\Technique;

use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** What a house method does to a cup: 'your flour targets rise by 12 g a cup'. */
final class MethodEffect
{
    /**
     * @param  HouseMethod  $now  the class's choice; another one is told against it
     * @param  Ingredient|null  $ingredient  to tell it of; null for the most usual one of the method's family
     */
    public static function of(HouseMethod $method, HouseMethod $now, MeasureStandard $standard, Pantry $pantry, ?Ingredient $ingredient = null): Phrase
    {
        $ingredient ??= $pantry->ingredient($method->suits(Family::FinePowder) ? 'all-purpose-flour' : 'light-brown-sugar');
        $cup = Amount::of('1', Unit::Cup);
        $grams = static fn (HouseMethod $by) => Conversion::toGrams($cup, $ingredient, $standard, $pantry, $by->handling())->exact;
        $with = ['name' => Phrase::of("ingredient.$ingredient->id"), 'grams' => ShownGrams::of($grams($method))];
        $change = ShownGrams::of($grams($method)->minus($grams($now)));

        return match (true) {
            $method === $now => Phrase::of('method.effect.now', $with),
            $change->isNegative() => Phrase::of('method.effect.less', $with + ['change' => $change->abs()]),
            default => Phrase::of('method.effect.more', $with + ['change' => $change]),
        };
    }
}
