<?php

declare(strict_types=1);

namespace Hovik\Core\Bake;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

/** What an ingredient does in a bake, and what too much or too little of it does to it (the craft's page, section 9). */
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

    public static function of(Ingredient $ingredient): self
    {
        return match (true) {
            $ingredient->id === 'confectioners-sugar' => self::Sugar,
            $ingredient->id === 'cocoa-powder', str_starts_with($ingredient->id, 'powdered-milk') => self::Flavour,
            in_array($ingredient->id, ['vanilla-extract', 'lemon-juice', 'vinegar', 'jam', 'ganache'], true) => self::Flavour,
            default => match ($ingredient->family) {
                Family::FinePowder, Family::CoarseGrain => self::Flour,
                Family::GranularSugar, Family::MoistSugar, Family::ViscousLiquid => self::Sugar,
                Family::LeavenerSpice => self::ofSmall($ingredient->id),
                Family::SolidFat, Family::NutButter, Family::Oil => self::Fat,
                Family::ThinLiquid, Family::ThickDairyPuree => self::Liquid,
                Family::Counted => self::Egg,
                Family::Pieces, Family::Shredded, Family::WholeIrregular => self::Flavour,
            },
        };
    }

    private static function ofSmall(string $id): self
    {
        return match (true) {
            in_array($id, ['baking-powder', 'baking-soda', 'cream-of-tartar', 'active-dry-yeast', 'instant-yeast'], true) => self::Leavener,
            str_contains($id, 'salt') => self::Salt,
            default => self::Flavour,
        };
    }

    /** One sentence on what this weight does to the bake; null where it is Level, or nobody can tell. */
    public function consequence(Verdict $verdict): ?Phrase
    {
        return match ($verdict) {
            Verdict::Heaped => Phrase::of("bake.{$this->value}.high"),
            Verdict::Shy => Phrase::of("bake.{$this->value}.low"),
            default => null,
        };
    }
}
