<?php

declare(strict_types=1);

namespace Hovik\Core\Drawer;

use Brick\Math\BigRational;
use Hovik\Core\Quantity\Amount;

/** A line on a tool's wall or wrapper: its lettering, `3/4 cup`, the volume below it in mL, exact, and the same as an amount (null where imperial). */
final readonly class Mark
{
    /** mL, rounded as floats are: quick to compare before the exact comparison. */
    public float $about;

    public function __construct(public string $text, public BigRational $ml, public ?Amount $amount)
    {
        $this->about = $ml->toFloat();
    }

    /** Exactly this volume; $about is the same volume as a float. */
    public function isAt(BigRational $ml, float $about): bool
    {
        return abs($this->about - $about) < 1e-6 && $this->ml->isEqualTo($ml);
    }
}
