<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Pantry\Density;

/**
 * What a plan and a way of working weigh: mean and spread, or a draw. The one model behind targets, the planner's spread, the
 * bench and the diagnosis (the craft's page, section 5).
 *
 * One level fill of a tool of true volume V weighs m = V . rho . f and varies by u_fill = m . cv_fill . (236.6 / V)^(1/3); a
 * vessel filled to a line varies instead by how well the eye finds it. A mound adds, a dish takes away. What stays in an
 * emptied tool is lost. Package, habit and each tool's own size are common to all the fills they touch.
 */
final class WeightModel
{
    /** mL. The cup to which cv_fill refers. */
    private const REFERENCE_ML = 236.6;

    /** Scraping leaves this share of what would have stayed. */
    private const SCRAPED = 0.1;

    /** Relative standard deviation of what stays: an estimate of ours, from one person's shake to another's. */
    private const RESIDUE_SPREAD = 0.35;

    /**
     * @param  non-empty-list<Fill>  $fills
     * @param  Density  $density  as the food was handled
     */
    public static function of(array $fills, Density $density, ?WorkingHabit $way = null): Weight
    {
        $way ??= WorkingHabit::good();
        $mean = 0.0;
        $own = 0.0;
        $byTool = [];
        foreach ($fills as $fill) {
            [$each, $spread] = self::oneFill($fill, $density, $way);
            $mean += $each * $fill->count;
            $own += $fill->count * $spread ** 2;
            $byTool[$fill->tool->id] ??= [0.0, $fill->relativeUncertainty()];
            $byTool[$fill->tool->id][0] += $each * $fill->count;
        }
        $tools = 0.0;
        foreach ($byTool as [$grams, $relative]) {
            $tools += ($grams * $relative) ** 2;
        }
        $stays = self::stays($density, $way);
        $out = 1 - $stays;

        return new Weight(
            mean: $mean * $out,
            fillU: sqrt($own) * $out,
            toolU: sqrt($tools) * $out,
            batchU: $mean * $out * $density->ingredient->cvBatch,
            habitU: $mean * $out * self::habit($density),
            residueU: $mean * $stays * self::RESIDUE_SPREAD,
        );
    }

    /**
     * One weighing by chance, g, before any scale: the same terms, drawn.
     *
     * @param  non-empty-list<Fill>  $fills
     */
    public static function draw(array $fills, Density $density, WorkingHabit $way, Chance $chance): float
    {
        $sizes = [];
        $grams = 0.0;
        foreach ($fills as $fill) {
            [$middle, $spread, $low, $high] = self::contentsMl($fill, $density, $way);
            $perMl = self::gramsPerMl($fill, $density);
            $tool = $fill->tool;
            // Uncalibrated, any size within the tolerance is as likely as another.
            $sizes[$tool->id] ??= 1 + ($fill->isChecked()
                ? $fill->relativeUncertainty() * $chance->normal()
                : $tool->tolerance * (2 * $chance->even() - 1));
            for ($i = 0; $i < $fill->count; $i++) {
                $grams += $sizes[$tool->id] * $perMl * min(max($middle + $spread * $chance->normal(), $low), $high);
            }
        }
        $grams *= 1 + $density->ingredient->cvBatch * $chance->normal();
        $grams *= 1 + self::habit($density) * $chance->normal();
        $grams *= 1 - self::stays($density, $way) * (1 + self::RESIDUE_SPREAD * $chance->normal());

        return max($grams, 0.0);
    }

    /** A true tared weight as a scale shows it: two displays rounded to its step, and its own error. g */
    public static function drawOnScale(float $grams, Scale $scale, Chance $chance): float
    {
        $step = $scale->readabilityG;
        $under = $step * $chance->even(); // where the vessel's own weight fell between two steps
        $true = max($grams + $scale->calibrationUncertainty($grams) * $chance->normal(), 0.0);

        return round((round(($under + $true) / $step) - round($under / $step)) * $step, 6);
    }

    /** Standard uncertainty of the reading of a weight that itself varies by $u, g. */
    public static function readingU(float $mean, float $u, Scale $scale): float
    {
        return sqrt($u ** 2 + (ScaleReading::of(max($mean, 0.0), $scale)->uncertainty() / 2) ** 2);
    }

    /**
     * Fat measured under water, from one line of a jug to another: two readings of the same jug.
     *
     * @param  Fill  $risen  the jug, and the line the water rises to
     * @param  BigRational  $ml  of fat
     */
    public static function displaced(Fill $risen, BigRational $ml, Density $density): Weight
    {
        $perMl = $density->inVesselAbout($risen->tool->aboutMl);
        $mean = $perMl * $ml->toFloat() * $risen->bias();
        $reading = $perMl * Geometry::mlPerMm($risen->tool) * Geometry::heightSpreadMm($risen->tool, WorkingHabit::good());

        return new Weight($mean, $reading * sqrt(2.0), $mean * $risen->relativeUncertainty(), $mean * $density->ingredient->cvBatch);
    }

    /** Counted foods: each piece varies on its own. */
    public static function pieces(float $count, float $gramsPerPiece, float $cvBatch, float $cvFill): Weight
    {
        return new Weight($count * $gramsPerPiece, $gramsPerPiece * sqrt(max($count, 0.0)) * hypot($cvBatch, $cvFill));
    }

    /** How much is in one filled tool, mL, before chance: for drawing it. */
    public static function contents(Fill $fill, Density $density, WorkingHabit $way): float
    {
        return Normal::within(...self::contentsMl($fill, $density, $way))[0];
    }

    /** @return array{float, float} one fill: mean and standard deviation, g */
    private static function oneFill(Fill $fill, Density $density, WorkingHabit $way): array
    {
        [$mean, $sd] = Normal::within(...self::contentsMl($fill, $density, $way));
        $perMl = self::gramsPerMl($fill, $density);

        return [$mean * $perMl, $sd * $perMl];
    }

    /** A spoon may hold another density than a cup; which it is, its stamped size says. */
    private static function gramsPerMl(Fill $fill, Density $density): float
    {
        return $density->inVesselAbout($fill->toMark->about ?? $fill->tool->aboutMl);
    }

    /** @return array{float, float, float, float} what ends up in the tool, mL: mean, standard deviation, least, most */
    private static function contentsMl(Fill $fill, Density $density, WorkingHabit $way): array
    {
        $tool = $fill->tool;
        $ml = ($fill->toMark->about ?? $tool->aboutMl) * $fill->bias();
        if (Geometry::isRead($fill)) {
            $perMm = Geometry::mlPerMm($tool);

            return [
                $ml + $perMm * Geometry::heightErrorMm($tool, $way), $perMm * Geometry::heightSpreadMm($tool, $way), 0.0,
                Geometry::brimMl($tool),
            ];
        }
        $spread = $ml * $density->ingredient->cvFill * (self::REFERENCE_ML / $ml) ** (1 / 3);
        $overRim = $fill->toMark === null ? Geometry::overRimMl($tool, $density->ingredient, $way) : 0.0;

        return [max($ml + $overRim, 0.0), $spread, 0.0, INF];
    }

    /** Share of the food that stays in an emptied tool. */
    private static function stays(Density $density, WorkingHabit $way): float
    {
        return match ($way->scraped) {
            null => 0.0,
            true => self::SCRAPED * $density->ingredient->residue,
            false => $density->ingredient->residue,
        };
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
}
