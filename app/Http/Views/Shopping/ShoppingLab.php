<?php

declare(strict_types=1);

namespace App\Http\Views\Shopping;

use App\Http\Views\View;

final readonly class ShoppingLab extends View
{
    public function __construct(public int $id, public string $title, public string $section, public string $planned_for)
    {
    }
}
