<?php

declare(strict_types=1);

namespace Hovik\Core\Drawer;

/** The kinds of core/data/tools.csv. */
enum ToolKind: string
{
    case DryCup = 'dry-cup';
    case Spoon = 'measuring-spoon';
    case LiquidMeasure = 'liquid-measure';
    case TopReadLiquidMeasure = 'top-read-liquid-measure';
    case GraduatedDryMeasure = 'graduated-dry-measure';
    case SmallLiquidMeasure = 'small-liquid-measure';
    case NoveltyScoop = 'novelty-scoop';
    case ButterWrapper = 'butter-wrapper';
    case Scale = 'scale';

    /** Read at a mark on its wall. */
    public function isMarked(): bool
    {
        return match ($this) {
            self::LiquidMeasure, self::TopReadLiquidMeasure, self::SmallLiquidMeasure, self::GraduatedDryMeasure,
            self::ButterWrapper => true,
            default => false,
        };
    }
}
