<?php

declare(strict_types=1);

namespace Hovik\Core\Quantity;

use Brick\Math\BigRational;

/**
 * What a fraction of a metric cup is where it is filled past the rim: the stamped cups that everybody there has are rounded (60 mL is
 * the quarter, 80 the third), and two of them make the rest. Liquids are read on a jug and take 250 mL exactly. (The craft's page, 2.12.)
 */
final class FilledCups
{
    /** mL by fraction of a cup */
    private const ML = ['1/8' => 30, '1/4' => 60, '1/3' => 80, '1/2' => 125, '2/3' => 160, '3/4' => 185];

    private const CUP_ML = 250;

    /** @return BigRational|null mL; null where the standard or the amount knows no such cups, and plain arithmetic holds */
    public static function ml(Amount $amount, MeasureStandard $standard): ?BigRational
    {
        $isMetric = $standard === MeasureStandard::Metric250 || $standard === MeasureStandard::Australian;
        if (! $isMetric || $amount->unit !== Unit::Cup) {
            return null;
        }
        $number = $amount->number->simplified();
        $whole = $number->getNumerator()->quotient($number->getDenominator());
        $part = self::ML[(string) $number->minus($whole)->simplified()] ?? null;

        $ml = $part === null ? null : BigRational::of($whole)->multipliedBy(self::CUP_ML)->plus($part);

        return $ml === null || $ml->isEqualTo($number->multipliedBy(self::CUP_ML)) ? null : $ml;
    }
}
