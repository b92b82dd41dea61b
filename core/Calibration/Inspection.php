<?php

declare(strict_types=1);

namespace Hovik\Core\Calibration;

use Hovik\Core\Drawer\ToolKind;

/** What is looked at on a tool before it is filled (the craft's page, section 10). Words: `inspection.ID`, and `inspection.ID.bad`. */
enum Inspection: string
{
    case CleanDry = 'clean-dry';
    case RimFlat = 'rim-flat';
    case RimFree = 'rim-free';
    case Grip = 'grip';
    case Marks = 'marks';
    case StandsLevel = 'stands-level';

    /** @return list<self> that are asked of a tool of this kind */
    public static function of(ToolKind $kind): array
    {
        $asked = match ($kind) {
            ToolKind::DryCup, ToolKind::NoveltyScoop => [self::RimFlat, self::RimFree, self::Grip, self::StandsLevel],
            ToolKind::Spoon => [self::RimFlat, self::RimFree, self::Grip],
            ToolKind::GraduatedDryMeasure => [self::RimFlat, self::Marks, self::Grip, self::StandsLevel],
            default => [self::Marks, self::Grip, self::StandsLevel],
        };

        return [self::CleanDry, ...$asked];
    }

    /** Without it nothing can be measured rightly with the tool, whatever it holds. */
    public function isNeeded(): bool
    {
        return $this === self::RimFlat || $this === self::RimFree || $this === self::Marks;
    }
}
