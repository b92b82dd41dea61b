<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** A tool that may be filled. */
final readonly class ExperimentTool extends View
{
    public function __construct(public string $id, public string $name)
    {
    }
}
