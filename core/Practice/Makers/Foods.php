<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Words\Phrase;

/** Foods that questions are about: those that schools use, by what is asked. */
final class Foods
{
    /** Filled past a rim. */
    public const DRY = [
        'all-purpose-flour', 'bread-flour', 'granulated-sugar', 'light-brown-sugar', 'rolled-oats', 'cornmeal', 'cocoa-powder',
        'raisins', 'chocolate-chips', 'confectioners-sugar',
    ];

    /** By the spoon. */
    public const SMALL = ['baking-powder', 'baking-soda', 'table-salt', 'cinnamon', 'ginger', 'cardamom'];

    /** Poured to a line. */
    public const POURED = ['water', 'whole-milk', 'orange-juice', 'vegetable-oil'];

    /** With a technique of their own, one of each kind. */
    public const TECHNIQUES = [
        'all-purpose-flour', 'granulated-sugar', 'light-brown-sugar', 'baking-powder', 'rolled-oats', 'butter', 'whole-milk',
        'vegetable-oil', 'honey', 'yogurt-plain',
    ];

    /** @param  non-empty-list<string>  $ids */
    public static function any(Setting $setting, Dice $dice, array $ids = self::DRY): Ingredient
    {
        $about = array_values(
            array_filter($ids, static fn (string $id): bool => $setting->pantry->ingredient($id)->family === $setting->about),
        );

        return $setting->pantry->ingredient($dice->pick($about === [] ? $ids : $about));
    }

    /** As it stands in a sentence. */
    public static function name(Ingredient $ingredient): Phrase
    {
        return Phrase::of('lower', ['of' => Phrase::of("ingredient.{$ingredient->id}")]);
    }
}
