<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** What a student weighed of one of the things compared. */
final readonly class ArmGrams extends View
{
    public function __construct(public string $arm, public float $grams)
    {
    }
}
