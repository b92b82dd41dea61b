<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** A food that a class weighed. */
final readonly class MissFood extends View
{
    public function __construct(public string $id, public string $name)
    {
    }
}
