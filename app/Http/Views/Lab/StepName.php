<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use Hovik\Core\Technique\Step;

final readonly class StepName extends View
{
    public function __construct(
        public Step $id,
        public string $text,
    ) {
    }
}
