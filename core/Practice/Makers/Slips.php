<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Brick\Math\BigRational;

/** What comes out of scaling when somebody slips. */
final class Slips
{
    /** @return array<string, BigRational> by misconception */
    public static function of(BigRational $number, BigRational $factor): array
    {
        $whole = BigRational::of($number->getNumerator()->quotient($number->getDenominator()));

        return [
            'upside-down' => $number->dividedBy($factor)->simplified(),
            'added' => $number->plus($factor)->simplified(),
            // The whole cups times the factor, the fraction left as it was; or the other way.
            'whole-only' => $factor->multipliedBy($whole)->plus($number->minus($whole))->simplified(),
            'fraction-only' => $number->minus($whole)->multipliedBy($factor)->plus($whole)->simplified(),
        ];
    }
}
