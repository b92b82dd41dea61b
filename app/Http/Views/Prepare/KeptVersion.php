<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;

final readonly class KeptVersion extends View
{
    public function __construct(
        public int $version,
    ) {
    }

    public const STATUS = 201;
}
