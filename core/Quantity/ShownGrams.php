<?php

declare(strict_types=1);

namespace Hovik\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** Grams as people see them: whole from 10 g, tenths from 1 g, hundredths below, half up; rounded only here, at the end. */
final class ShownGrams
{
    public static function of(BigRational|float $grams): BigDecimal
    {
        $exact = is_float($grams) ? BigRational::of((string) BigDecimal::of(sprintf('%.9F', $grams))) : $grams;
        $places = match (true) {
            $exact->abs()->isGreaterThanOrEqualTo(10) => 0,
            $exact->abs()->isGreaterThanOrEqualTo(1) => 1,
            default => 2,
        };

        // Half up is away from zero for the negative differences too.
        return $exact->toScale($places, RoundingMode::HALF_UP);
    }
}
