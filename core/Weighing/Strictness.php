<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Brick\Math\BigDecimal;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Role;

/** What a line means to the bake. */
enum Strictness: string
{
    /** Flour, leavener, liquid, egg. */
    case Structural = 'structural';
    case Flavour = 'flavour';
    /** A topping, to taste. */
    case Free = 'free';

    /** What an ingredient usually means to a bake: flour, leavener, liquid, egg, fat and sugar carry it, the rest is flavour. */
    public static function usual(Ingredient $ingredient): self
    {
        return match ($ingredient->family) {
            Family::FinePowder, Family::GranularSugar, Family::MoistSugar, Family::SolidFat, Family::Oil,
            Family::Counted => self::Structural,
            Family::ThinLiquid => $ingredient->role === Role::Flavour ? self::Flavour : self::Structural,
            Family::LeavenerSpice => $ingredient->role->actsAs() === Role::Leavener ? self::Structural : self::Flavour,
            Family::CoarseGrain, Family::ThickDairyPuree => self::Structural,
            default => self::Flavour,
        };
    }

    /** Widens the tolerance's percentage. */
    public function factor(): BigDecimal
    {
        return BigDecimal::of(match ($this) {
            self::Structural => '1',
            self::Flavour => '1.5',
            self::Free => '3',
        });
    }
}
