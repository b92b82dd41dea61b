<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** Whether a student worked out their own difference rightly, and how. */
final readonly class OwnDifference extends View
{
    /** @param  string  $said  what to say to it */
    public function __construct(public bool $right, public string $said)
    {
    }
}
