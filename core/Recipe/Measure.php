<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Quantity\Unit;

/** What a recipe measures with, as a word says it: a unit, or a thing that has no size, or one that has several. */
final readonly class Measure
{
    /**
     * @param  bool  $isOpen  the word means units of several sizes: it asks
     * @param  int  $leastSure  of fewer than this many it may mean another unit
     */
    private function __construct(public ?Unit $unit, public bool $isOpen, public int $leastSure = 0)
    {
    }

    public static function unit(Unit $unit, int $leastSure = 0): self
    {
        return new self($unit, false, $leastSure);
    }

    /** A glass, a splash, a bunch: nobody can check it. */
    public static function sizeless(): self
    {
        return new self(null, false);
    }

    public static function open(): self
    {
        return new self(null, true);
    }
}
