<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Plan\Fill;

/**
 * What good technique with these fills weighs: mean and spread. One level fill of a tool of true volume V weighs
 * m = V . rho . f and varies by u_fill = m . cv_fill . (236.6 / V)^(1/3); a vessel filled to a mark varies instead by how
 * well the eye finds the line. Another handling than the reference adds people's habits, common to all fills; the package
 * and each tool's own size are common to their fills too.
 */
final class WeightModel
{
    /** mm. Standard deviation of the height at which an eye on the line judges the surface. */
    private const READING_SD_MM = 0.7;

    /** mL. The cup to which cv_fill refers. */
    private const REFERENCE_ML = 236.6;

    /**
     * @param  non-empty-list<Fill>  $fills
     * @return array{mean: float, u: float} g, and its standard uncertainty, g
     */
    public static function goodTechnique(array $fills, Density $density): array
    {
        $mean = 0.0;
        $variance = 0.0;
        $byTool = [];
        foreach ($fills as $fill) {
            $nominal = $fill->toMark->about ?? $fill->tool->aboutMl;
            $ml = $nominal * $fill->tool->bias();
            $each = $ml * $density->inVesselAbout($nominal);
            $mean += $each * $fill->count;
            $variance += $fill->count * self::oneFill($fill, $ml, $each, $density) ** 2;
            $byTool[$fill->tool->id] ??= [0.0, $fill->tool->relativeUncertainty()];
            $byTool[$fill->tool->id][0] += $each * $fill->count;
        }
        foreach ($byTool as [$grams, $relative]) {
            $variance += ($grams * $relative) ** 2;
        }
        $variance += ($mean * $density->ingredient->cvBatch) ** 2 + ($mean * self::habit($density)) ** 2;

        return ['mean' => $mean, 'u' => sqrt($variance)];
    }

    /**
     * Fat measured under water, from one line of a jug to another: two readings of the same jug.
     *
     * @param  Fill  $risen  the jug, and the line the water rises to
     * @param  BigRational  $ml  of fat
     * @return array{mean: float, u: float} g
     */
    public static function displaced(Fill $risen, BigRational $ml, Density $density): array
    {
        $perMl = $density->inVesselAbout($risen->tool->aboutMl);
        $mean = $perMl * $ml->toFloat() * $risen->tool->bias();
        $reading = self::oneFill($risen, $ml->toFloat(), $mean, $density) * sqrt(2.0);

        return ['mean' => $mean, 'u' => sqrt($reading ** 2 + ($mean * $risen->tool->relativeUncertainty()) ** 2 + ($mean * $density->ingredient->cvBatch) ** 2)];
    }

    /** Spread of one fill, g. */
    private static function oneFill(Fill $fill, float $ml, float $grams, Density $density): float
    {
        $diameter = $fill->tool->diameterMm;
        if ($fill->toMark !== null && $diameter !== null && $fill->tool->kind !== ToolKind::GraduatedDryMeasure) {
            // The rim's opening, so an upper estimate: mm3 / 1000 = mL.
            return $grams / $ml * self::READING_SD_MM * M_PI / 4 * $diameter ** 2 / 1000;
        }

        return $grams * $density->ingredient->cvFill * (self::REFERENCE_ML / $ml) ** (1 / 3);
    }

    /** Relative spread between people of a handling that is not the reference; none of the reference itself. */
    private static function habit(Density $density): float
    {
        if ($density->handling === $density->ingredient->referenceHandling) {
            return 0.0;
        }
        $relative = $density->factor->sd / $density->factor->mean->toFloat();

        return sqrt(max(0.0, $relative ** 2 - $density->ingredient->cvFill ** 2));
    }

    /**
     * Counted foods: each piece varies on its own.
     *
     * @return array{mean: float, u: float} g
     */
    public static function pieces(float $count, float $gramsPerPiece, float $cvBatch, float $cvFill): array
    {
        return ['mean' => $count * $gramsPerPiece, 'u' => $gramsPerPiece * sqrt(max($count, 0.0)) * sqrt($cvBatch ** 2 + $cvFill ** 2)];
    }
}
