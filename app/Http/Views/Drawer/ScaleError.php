<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Http\Views\View;

/** What a scale showed too much of a known weight. */
final readonly class ScaleError extends View
{
    /** @param  float  $fitted_g  what the line through all of them says */
    public function __construct(public float $nominal_g, public float $error_g, public float $fitted_g)
    {
    }
}
