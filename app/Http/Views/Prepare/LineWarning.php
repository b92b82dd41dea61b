<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;

final readonly class LineWarning extends View
{
    public function __construct(
        public string $id,
        public string $text,
    ) {
    }
}
