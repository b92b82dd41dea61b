<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

/** What a food does in a bake: column `role` of core/data/ingredients.csv. */
enum Role: string
{
    case Flour = 'flour';
    case Sugar = 'sugar';
    case Leavener = 'leavener';
    case Salt = 'salt';
    case Fat = 'fat';
    case Liquid = 'liquid';
    case Egg = 'egg';
    case Flavour = 'flavour';

    /** Of a food of which only the family is known. */
    public static function usual(Family $family): self
    {
        return match ($family) {
            Family::FinePowder, Family::CoarseGrain => self::Flour,
            Family::GranularSugar, Family::MoistSugar, Family::ViscousLiquid => self::Sugar,
            Family::SolidFat, Family::NutButter, Family::Oil => self::Fat,
            Family::ThinLiquid, Family::ThickDairyPuree => self::Liquid,
            Family::Counted => self::Egg,
            Family::LeavenerSpice, Family::Pieces, Family::Shredded, Family::WholeIrregular => self::Flavour,
        };
    }
}
