<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Ingredient;

/** Mounds on a rim and surfaces behind a wall: how far off they are, in mL and mm. From the craft's page, section 5. */
final class Geometry
{
    /** Degrees, where an ingredient gives no angle of repose. */
    private const USUAL_REPOSE = 40.0;

    /** A dish left under the rim against the mound that could stand on it. An estimate of ours: a finger's or a blade's hollow. */
    private const DISH = 0.35;

    /** mm. Standard deviation of the height at which an eye on the line judges the surface: on the table, and in the hand. */
    private const STEADY_MM = 0.7;

    private const HELD_MM = 2.5;

    /** mm. The curve's edge stands this much above its bottom. */
    private const CURVE_MM = 1.5;

    /** Jugs have room above their top line: a seventh again. An estimate of ours. */
    private const HEADROOM = 1.15;

    /**
     * The cone that can stand on a rim of diameter D: (pi / 3) (D / 2)^3 tan(repose), mm3 / 1000 = mL. Nothing stands on a
     * liquid's rim, nor on a rim of unknown width.
     */
    public static function heapMl(Tool $tool, Ingredient $ingredient): float
    {
        if ($tool->diameterMm === null || $ingredient->family->isPoured()) {
            return 0.0;
        }

        return M_PI / 3 * ($tool->diameterMm / 2) ** 3 * tan(deg2rad($ingredient->reposeDeg ?? self::USUAL_REPOSE)) / 1000;
    }

    /** mL more (a mound) or less (a dish) than a level fill. A dish never takes more than half the tool. */
    public static function overRimMl(Tool $tool, Ingredient $ingredient, WorkingHabit $way): float
    {
        $cone = self::heapMl($tool, $ingredient);

        return $way->heaped * $cone - min($way->hollow * self::DISH * $cone, $tool->aboutMl / 2);
    }

    /** Whether this fill stops at a line seen through a wall, so that reading it is what varies. */
    public static function isRead(Fill $fill): bool
    {
        return $fill->toMark !== null && $fill->tool->diameterMm !== null && $fill->tool->kind !== ToolKind::GraduatedDryMeasure;
    }

    /** A = pi D^2 / 4, in mL per mm of height. The rim's opening, so an upper estimate. */
    public static function mlPerMm(Tool $tool): float
    {
        return M_PI / 4 * ($tool->diameterMm ?? 0.0) ** 2 / 1000;
    }

    /**
     * b, mm: how much too high the surface stands when the line is believed reached. Eye above by the angle t, surface
     * judged a share k across: -k D tan t; below: the other way. Top-read measures are read from above, so no eye error there.
     */
    public static function heightErrorMm(Tool $tool, WorkingHabit $way): float
    {
        $eye = $tool->kind === ToolKind::TopReadLiquidMeasure ? 0.0
            : -$way->shareAcross * ($tool->diameterMm ?? 0.0) * tan(deg2rad($way->eyeDeg));

        return $eye - ($way->topOfCurve ? self::CURVE_MM : 0.0);
    }

    /** Standard deviation of b, mm. A vessel that leans raises one side and lowers the other: which one is read is chance. */
    public static function heightSpreadMm(Tool $tool, WorkingHabit $way): float
    {
        return hypot($way->held ? self::HELD_MM : self::STEADY_MM, ($tool->diameterMm ?? 0.0) / 2 * tan(deg2rad($way->tiltDeg)));
    }

    /** mL, to the brim. */
    public static function brimMl(Tool $tool): float
    {
        $highest = $tool->aboutMl;
        foreach ($tool->marks as $mark) {
            $highest = max($highest, $mark->about);
        }

        return self::HEADROOM * $highest;
    }
}
