<?php

declare(strict_types=1);

namespace Hovik\Core\Period;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;

/**
 * What is done with a measured food until the next period. General food-safety practice: what spoils stands cold, and no longer than
 * two hours at room temperature; the school's own rules come first. Words: `storage.ID`.
 */
enum Storage: string
{
    case Covered = 'covered';
    case Cold = 'cold';
    /** It does not keep once it is out of its shell, its pack or its whole piece: measured next time. */
    case Fresh = 'fresh';

    private const MILK = 'milk';

    public static function of(Ingredient $food): self
    {
        return match ($food->family) {
            Family::Counted => self::Fresh,
            Family::ThinLiquid, Family::ThickDairyPuree, Family::SolidFat, Family::WholeIrregular => self::Cold,
            Family::Shredded => in_array(self::MILK, $food->allergens, true) ? self::Cold : self::Covered,
            default => self::Covered,
        };
    }
}
