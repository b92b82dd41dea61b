<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Http\Views\View;

/** How far a weighing of so much may be off: U (k = 2). */
final readonly class ScaleDoubt extends View
{
    public function __construct(public float $grams, public float $u_g)
    {
    }
}
