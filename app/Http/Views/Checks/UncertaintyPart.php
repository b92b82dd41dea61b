<?php

declare(strict_types=1);

namespace App\Http\Views\Checks;

use App\Http\Views\View;

/** One line of an uncertainty budget. */
final readonly class UncertaintyPart extends View
{
    /** @param  float  $ml  standard uncertainty from it */
    public function __construct(public string $from, public float $ml)
    {
    }
}
