<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Brick\Math\BigDecimal;

/** What a line means to the bake. */
enum Strictness: string
{
    /** Flour, leavener, liquid, egg. */
    case Structural = 'structural';
    case Flavour = 'flavour';
    /** A topping, to taste. */
    case Free = 'free';

    /** Widens the tolerance's percentage. */
    public function factor(): BigDecimal
    {
        return BigDecimal::of(match ($this) {
            self::Structural => '1',
            self::Flavour => '1.5',
            self::Free => '3',
        });
    }
}
