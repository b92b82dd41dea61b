<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;

/** A day that is otherwise than its weekday. */
final readonly class BellDay extends View
{
    /** @param  string|null  $name  of the list of bells; null: no school */
    public function __construct(
        public string $date,
        public ?string $name,
    ) {
    }
}
