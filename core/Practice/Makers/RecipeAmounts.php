<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Role;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;

/**
 * Amounts that recipes ask of a food: nobody writes a third of a tablespoon of salt, or two cups of vanilla. Three levels: what
 * one tool holds; two of them, or thirds; what needs thought.
 */
final class RecipeAmounts
{
    private const SPOONED = [
        ['1/4 tsp', '1/2 tsp', '1 tsp', '2 tsp'], ['1/8 tsp', '3/4 tsp', '1 1/2 tsp', '1 tbsp'],
        ['1 1/4 tsp', '1 3/4 tsp', '2 1/2 tsp', '1 1/2 tbsp'],
    ];

    private const CUPPED = [
        ['1/4 cup', '1/2 cup', '1 cup', '1/3 cup', '2 cup'], ['3/4 cup', '1 1/2 cup', '2/3 cup', '1 1/4 cup', '2 tbsp'],
        ['1 3/4 cup', '1 1/3 cup', '1 2/3 cup', '2 1/4 cup', '3 tbsp'],
    ];

    private const POURED = [
        ['1/4 cup', '1/2 cup', '1 cup', '2 cup'], ['3/4 cup', '1/3 cup', '1 1/2 cup', '2 tbsp'],
        ['2/3 cup', '1 1/4 cup', '1 3/4 cup', '3 tbsp'],
    ];

    private const RICH = [ // fats, honey, nut butters: seldom more than a cup
        ['1/4 cup', '1/2 cup', '1 tbsp', '2 tbsp'], ['1/3 cup', '3/4 cup', '3 tbsp', '1 cup'], ['2/3 cup', '1 1/2 tbsp', '1 1/4 cup'],
    ];

    private const DROPPED = [['1/2 tsp', '1 tsp', '2 tsp'], ['1/4 tsp', '1 1/2 tsp', '1 tbsp'], ['3/4 tsp', '2 1/2 tsp', '1 1/2 tbsp']];

    /**
     * @param  int|null  $level  another than the setting's
     * @return non-empty-list<Amount> thirds only where the class meets them
     */
    public static function of(Ingredient $food, Setting $setting, ?int $level = null): array
    {
        $level ??= $setting->level;
        $table = match (true) {
            $food->family === Family::LeavenerSpice => self::SPOONED,
            self::isDropped($food) => self::DROPPED,
            $food->family === Family::ThinLiquid => self::POURED,
            in_array($food->family, [Family::Oil, Family::SolidFat, Family::ViscousLiquid, Family::NutButter], true) => self::RICH,
            default => self::CUPPED,
        };

        $amounts = array_map(self::read(...), $table[$level - 1]);
        $met = array_values(array_filter($amounts, static fn (Amount $amount): bool => $setting->meetsFraction($amount->number)));

        return $met === [] ? $amounts : $met;
    }

    /** A flavouring, by the spoon like a spice. */
    public static function isDropped(Ingredient $food): bool
    {
        return $food->family === Family::ThinLiquid && in_array($food->role, [Role::Flavour, Role::Spice], true);
    }

    private static function read(string $text): Amount
    {
        $at = (int) strrpos($text, ' ');

        return Amount::of(substr($text, 0, $at), Unit::from(substr($text, $at + 1)));
    }
}
