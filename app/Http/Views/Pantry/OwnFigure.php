<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;

final readonly class OwnFigure extends View
{
    /** @param  int|null  $trials  that it is the mean of; null: one person's figure */
    public function __construct(
        public string $reason,
        public string $by,
        public string $on,
        public ?int $trials,
    ) {
    }
}
