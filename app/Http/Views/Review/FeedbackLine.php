<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** One ingredient on a sheet to take home: the first try, and the last where there was another. */
final readonly class FeedbackLine extends View
{
    public function __construct(public ReviewRow $first, public ?ReviewRow $last)
    {
    }
}
