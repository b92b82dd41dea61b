<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;

/** The bowl for a food that is weighed out: it holds the food with a third to spare, in sizes that bowls are known by. */
final class BowlSize
{
    private const TO_SPARE = 4 / 3;

    private const CUPS = [1, 2, 3, 4, 6, 8, 12, 16, 24, 32];

    private const ML = [250, 500, 750, 1000, 1500, 2000, 3000, 4000, 6000, 8000];

    /**
     * @param  Density  $density  of the food as it lies in the bowl
     * @return Amount|null null where it takes more than the largest bowl: then in parts
     */
    public static function of(float $grams, Density $density, MeasureStandard $standard): ?Amount
    {
        $ml = self::TO_SPARE * $grams / $density->inVesselAbout(INF);
        $inCups = $standard === MeasureStandard::UsCustomary || $standard === MeasureStandard::UsLabel240;
        $each = $inCups ? $standard->sizeAbout(Unit::Cup) : 1.0;
        foreach ($inCups ? self::CUPS : self::ML as $size) {
            if ($ml <= $size * $each) {
                return match (true) {
                    $inCups => Amount::of(BigRational::of($size), Unit::Cup),
                    $size < 1000 => Amount::of(BigRational::of($size), Unit::Millilitre),
                    default => Amount::of(BigRational::nd($size, 1000), Unit::Litre),
                };
            }
        }

        return null;
    }
}
