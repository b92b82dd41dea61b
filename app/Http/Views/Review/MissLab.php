<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** A lab that was held. */
final readonly class MissLab extends View
{
    public function __construct(public int $id, public string $title, public string $day)
    {
    }
}
