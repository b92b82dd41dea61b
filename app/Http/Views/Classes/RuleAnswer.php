<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;

final readonly class RuleAnswer extends View
{
    public function __construct(
        public string $id,
        public string $text,
        public bool $chosen,
    ) {
    }
}
