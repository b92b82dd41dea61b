<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

/** What the number on a scale's display counts. */
enum ScaleUnit: string
{
    case Gram = 'g';
    case Ounce = 'oz';

    /** g; the avoirdupois ounce is 28.349523125 g by definition. */
    public function grams(float $shown): float
    {
        return $this === self::Gram ? $shown : round(28.349523125 * $shown, 3);
    }
}
