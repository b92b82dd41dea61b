<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Models\ClassQuestion;

final readonly class ClassAsked extends View
{
    public function __construct(
        public ?AskedOfClass $asked,
    ) {
    }

    public static function of(?ClassQuestion $asked): self
    {
        return new self($asked === null ? null : AskedOfClass::of($asked));
    }
}
