<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Tool;

/** One tool filled one or more times, to its rim or to a mark. */
final readonly class Fill
{
    public function __construct(public Tool $tool, public int $count, public ?Mark $toMark = null)
    {
    }

    /** Nominal mL of one of these fills, exact. */
    public function eachMl(): BigRational
    {
        return $this->toMark->ml ?? $this->tool->nominalMl;
    }

    /** Nominal mL of all of them, exact. */
    public function totalMl(): BigRational
    {
        return $this->eachMl()->multipliedBy($this->count);
    }
}
