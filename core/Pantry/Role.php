<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

/** What a food does in a bake: column `role` of core/data/ingredients.csv. */
enum Role: string
{
    case Flour = 'flour';
    case Starch = 'starch';
    case Grain = 'grain';
    case Sugar = 'sugar';
    case Syrup = 'syrup';
    case Leavener = 'leavener';
    case Yeast = 'yeast';
    case Salt = 'salt';
    case Fat = 'fat';
    case Dairy = 'dairy';
    case Liquid = 'liquid';
    case Egg = 'egg';
    case Cheese = 'cheese';
    case Chocolate = 'chocolate';
    case Fruit = 'fruit';
    case Vegetable = 'vegetable';
    case NutSeed = 'nut-seed';
    case Spice = 'spice';
    case Flavour = 'flavour';
    case Other = 'other';

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

    /** What too much or too little of it does like: one of flour, sugar, leavener, salt, fat, liquid, egg, flavour. */
    public function actsAs(): self
    {
        return match ($this) {
            self::Starch, self::Grain => self::Flour,
            self::Syrup => self::Sugar,
            self::Yeast => self::Leavener,
            self::Dairy => self::Liquid,
            self::Cheese, self::Chocolate, self::Fruit, self::Vegetable, self::NutSeed, self::Spice, self::Other => self::Flavour,
            default => $this,
        };
    }
}
