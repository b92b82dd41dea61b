<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\Pantry\HandlingChoice;
use App\Http\Views\View;

/** A food that may be tried. */
final readonly class ExperimentFood extends View
{
    /** @param  list<HandlingChoice>  $handlings  ways of filling that make sense for it */
    public function __construct(public string $id, public string $name, public array $handlings)
    {
    }
}
