<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

/** The ingredient families of the craft: each has one technique and one tolerance. */
enum Family: string
{
    case FinePowder = 'fine-powder';
    case GranularSugar = 'granular-sugar';
    case MoistSugar = 'moist-sugar';
    case LeavenerSpice = 'leavener-spice';
    case CoarseGrain = 'coarse-grain';
    case Pieces = 'pieces';
    case Shredded = 'shredded';
    case SolidFat = 'solid-fat';
    case NutButter = 'nut-butter';
    case ThinLiquid = 'thin-liquid';
    case Oil = 'oil';
    case ViscousLiquid = 'viscous-liquid';
    case ThickDairyPuree = 'thick-dairy-puree';
    case Counted = 'counted';
    case WholeIrregular = 'whole-irregular';

    /** Poured to a mark rather than filled past a rim. */
    public function isPoured(): bool
    {
        return match ($this) {
            self::ThinLiquid, self::Oil, self::ViscousLiquid => true,
            default => false,
        };
    }

    /** Sold in sticks and cut on the wrapper's marks. */
    public function comesInSticks(): bool
    {
        return $this === self::SolidFat;
    }
}
