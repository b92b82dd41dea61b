<?php

declare(strict_types=1);

namespace Hovik\Core\Drawer;

use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;

/** Which family of measures a vessel belongs to, or the column read on it: a plan keeps to one. */
enum MeasuringSystem: string
{
    case Us = 'us';
    case Metric = 'metric';
    /** Metric cups and teaspoons, with the tablespoon of 20 mL. */
    case Australian = 'au';
    case Imperial = 'uk-imperial';

    /** The one a class measures by. */
    public static function of(MeasureStandard $standard): self
    {
        return match ($standard) {
            MeasureStandard::UsCustomary, MeasureStandard::UsLabel240 => self::Us,
            MeasureStandard::Metric250 => self::Metric,
            MeasureStandard::Australian => self::Australian,
            MeasureStandard::ImperialLegacy => self::Imperial,
        };
    }

    /** Whether one fill of this tool, to this line, is a measure of this system. */
    public function holds(Fill $fill): bool
    {
        $tool = $fill->tool->system;
        $unit = $fill->toMark?->amount?->unit;
        if ($unit !== null && $unit->isMetricVolume()) {
            return $this === self::Metric || $this === self::Australian; // US jugs have a metric column, too
        }

        return match ($this) {
            self::Australian => $tool === self::Australian
                || ($tool === self::Metric && ! self::isMetricTablespoon($fill)),
            default => $tool === $this,
        };
    }

    private static function isMetricTablespoon(Fill $fill): bool
    {
        $isSpoon = $fill->tool->kind === ToolKind::Spoon && abs($fill->tool->aboutMl - 15) < 0.01;

        return $isSpoon || $fill->toMark?->amount?->unit === Unit::Tablespoon;
    }
}
