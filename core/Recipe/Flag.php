<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

/** A question a line leaves open, or a warning about it. The question is in the phrasebook: `flag.ID`. */
enum Flag: string
{
    /** 'oz' of a liquid: by weight, or fluid ounces? */
    case AmbiguousOunce = 'ambiguous-ounce';
    /** Salt weighs by its crystals: half as much for flakes. */
    case SaltCrystal = 'salt-crystal';
    /** A name that stands for several kinds: yeast, cornmeal, breadcrumbs, coffee. */
    case WhichKind = 'which-kind';
    /** The pantry's weight is of the food chopped, grated or sliced; the line measures it whole. */
    case WhichForm = 'which-form';
    /** Filled or prepared in a way that its family has no figure for. */
    case NoFigure = 'no-figure';
    /** T or t in a line all in capitals. */
    case AmbiguousT = 'ambiguous-t';
    /** '1.500 g', '1,250 kg': a thousands sign or a decimal one. */
    case AmbiguousNumber = 'ambiguous-number';
    /** A unit that is one size here and another there: a C, a coffee cup. */
    case AmbiguousUnit = 'ambiguous-unit';
    /** Sifted or whipped before the measuring, or after: the words leave it open, and it weighs otherwise. */
    case WordOrder = 'word-order';
    case ToTaste = 'to-taste';
    case UnknownIngredient = 'unknown-ingredient';
    /** Close to a name of the pantry, not the same. */
    case Spelling = 'spelling';
    /** Close to a unit's word, not the same. */
    case UnitSpelling = 'unit-spelling';
    /** A share of the flour's weight: it asks how much flour. */
    case BakersPercent = 'bakers-percent';
    case NoAmount = 'no-amount';
    /** A number of something that is not counted. */
    case NoUnit = 'no-unit';
    case Range = 'range';
    /** A can or a packet of no stated size. */
    case PackageSize = 'package-size';
    /** 'butter or margarine' */
    case Alternative = 'alternative';
    /** 'about 2 cups' */
    case Approximate = 'approximate';
    /** A pinch, a heaped spoon, a scant cup: no target without a figure. */
    case NotCheckable = 'not-checkable';
    /** 'plus more for dusting' */
    case HeldBack = 'held-back';
    /** 'divided': used in more than one place. */
    case Divided = 'divided';
    case Optional = 'optional';
    /** Part of the line was not understood. */
    case Unread = 'unread-words';

    /** What it asks is how much, not which food. */
    public function isAboutAmount(): bool
    {
        return match ($this) {
            self::AmbiguousOunce, self::AmbiguousUnit, self::NoUnit, self::PackageSize => true,
            default => false,
        };
    }

    /** A plain word for several kinds: a kitchen says once which it means, or a line does before a lab is made. */
    public function isAboutKind(): bool
    {
        return $this === self::SaltCrystal || $this === self::WhichKind;
    }

    /** True when a lab cannot be opened from the line before somebody answers. */
    public function mustBeSettled(): bool
    {
        return match ($this) {
            self::AmbiguousOunce, self::AmbiguousUnit, self::UnknownIngredient, self::NoFigure, self::NoUnit, self::PackageSize => true,
            default => false,
        };
    }
}
