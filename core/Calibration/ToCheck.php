<?php

declare(strict_types=1);

namespace Hovik\Core\Calibration;

/** A tool that is to be checked with water. */
final readonly class ToCheck
{
    /**
     * @param  string  $kind  id in the catalogue
     * @param  string  $name  that it has, or shall have
     * @param  string|null  $place  the station in whose set it lies; null: the shelf
     * @param  string|null  $mark  the line it is filled to; null: its rim
     */
    public function __construct(public string $kind, public string $name, public ?string $place, public ?string $mark)
    {
    }
}
