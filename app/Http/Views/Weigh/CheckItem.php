<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;

final readonly class CheckItem extends View
{
    public function __construct(
        public string $id,
        public string $said,
        public string $how,
    ) {
    }
}
