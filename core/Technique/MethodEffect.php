<?php

declare(strict_types=1);

namespace Hovik\Core\Technique;

use Brick\Math\BigRational;
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
    /** @param  HouseMethod  $now  the class's choice; another one is told against it */
    public static function of(HouseMethod $method, HouseMethod $now, MeasureStandard $standard, Pantry $pantry): Phrase
    {
        $ingredient = $pantry->ingredient($method->suits(Family::FinePowder) ? 'all-purpose-flour' : 'light-brown-sugar');
        $grams = self::cup($ingredient, $method, $standard, $pantry);
        $with = ['name' => Phrase::of("ingredient.$ingredient->id"), 'grams' => ShownGrams::of($grams)];
        $change = ShownGrams::of($grams->minus(self::cup($ingredient, $now, $standard, $pantry)));

        return match (true) {
            $method === $now => Phrase::of('method.effect.now', $with),
            $change->isNegative() => Phrase::of('method.effect.less', $with + ['change' => $change->abs()]),
            default => Phrase::of('method.effect.more', $with + ['change' => $change]),
        };
    }

    /** An answer of {@see HouseRules} with what it makes of a cup, where it makes something of it. */
    public static function ofAnswer(string $question, string $answer, MeasureStandard $standard, Pantry $pantry): Phrase
    {
        $said = Phrase::of("school.$question.$answer");
        $sugar = $pantry->ingredient('confectioners-sugar');
        $method = $question === 'lumpy-powders' ? HouseRules::of([$question => $answer])->methodFor($sugar) : null;

        return $method === null
                ? $said
                : Phrase::of(
                    'method.effect.cup',
                    ['answer' => $said, 'grams' => ShownGrams::of(self::cup($sugar, $method, $standard, $pantry))],
                );
    }

    /** Grams of a cup measured so, exact. */
    private static function cup(Ingredient $ingredient, HouseMethod $method, MeasureStandard $standard, Pantry $pantry): BigRational
    {
        return Conversion::toGrams(Amount::of('1', Unit::Cup), $ingredient, $standard, $pantry, $method->handling())->exact;
    }
}
