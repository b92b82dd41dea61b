<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;

final readonly class LogRow extends View
{
    /** @param  string  $who  their name then, or that it came by itself */
    public function __construct(
        public int $id,
        public string $at,
        public string $who,
        public string $said,
    ) {
    }
}
