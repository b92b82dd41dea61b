<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;
use Hovik\Core\Pantry\Family;

/** How far from the target is Level, for a family: per cent of the target at the class's level. */
final readonly class FamilyTolerance extends View
{
    /** @param  float  $usual  at this level, where the class has none of its own */
    public function __construct(public Family $family, public float $percent, public float $usual)
    {
    }
}
