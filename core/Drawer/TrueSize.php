<?php

declare(strict_types=1);

namespace Hovik\Core\Drawer;

/** What a tool holds in truth, to its rim or to one of its lines, as its water check found. */
final readonly class TrueSize
{
    /**
     * @param  float  $ml  above 0
     * @param  float  $u  relative standard uncertainty of it
     */
    public function __construct(public float $ml, public float $u)
    {
    }
}
