<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** A fault of the bake, and the weights that may have led there. */
final readonly class FaultSuspect extends View
{
    public function __construct(
        public string $fault,
        public string $station,
        public string $said,
    ) {
    }
}
