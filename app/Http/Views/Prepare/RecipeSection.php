<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;

final readonly class RecipeSection extends View
{
    public function __construct(
        public int $id,
        public string $name,
        public int $stations,
    ) {
    }
}
