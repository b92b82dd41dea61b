<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Words\Phrase;

/** Which foods a question can be about, by how they are measured. */
final class Foods
{
    /** Every family as often as any other: else there would be more powders than honey. */
    public static function any(Setting $setting, Dice $dice, callable $fits): Ingredient
    {
        $byFamily = [];
        foreach ($setting->foods($fits) as $food) {
            $byFamily[$food->family->value][] = $food;
        }

        return $dice->pick($dice->pick(array_values($byFamily)));
    }

    /** Filled past a rim and made level there. */
    public static function isSwept(Ingredient $food): bool
    {
        return ! self::findsItsLevel($food) && ! in_array($food->family, [Family::Counted, Family::WholeIrregular], true);
    }

    /** Poured to a line, where it levels itself. Honey mounds: it goes into a cup as well. */
    public static function findsItsLevel(Ingredient $food): bool
    {
        return $food->family === Family::ThinLiquid || $food->family === Family::Oil;
    }

    /** Whether to ask about what is poured: by the family asked about, else as often as not. */
    public static function isAboutPoured(Setting $setting, Dice $dice): bool
    {
        $byChance = $dice->between(1, 2) === 1;

        return $setting->about instanceof Family ? in_array($setting->about, [Family::ThinLiquid, Family::Oil], true) : $byChance;
    }

    /** By the spoon. */
    public static function isSpooned(Ingredient $food): bool
    {
        return $food->family === Family::LeavenerSpice;
    }

    /** Has a weight a cup, and is measured by it. */
    public static function isCupped(Ingredient $food): bool
    {
        return $food->gramsPerUsCup !== null && ! self::isSpooned($food) && ! RecipeAmounts::isDropped($food)
            && ! in_array($food->family, [Family::Counted, Family::WholeIrregular], true);
    }

    /** By cup or by spoon, in amounts that can be scaled. */
    public static function isInRecipes(Ingredient $food): bool
    {
        return ! in_array($food->family, [Family::Counted, Family::WholeIrregular], true);
    }

    /** As it stands in a sentence. */
    public static function name(Ingredient $ingredient): Phrase
    {
        return Phrase::of('lower', ['of' => Phrase::of("ingredient.{$ingredient->id}")]);
    }
}
