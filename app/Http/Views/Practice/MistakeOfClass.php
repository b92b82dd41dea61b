<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Practice\ClassMistake;

final readonly class MistakeOfClass extends View
{
    public function __construct(
        public string $said,
        public int $students,
        public int $times,
    ) {
    }

    public static function of(ClassMistake $mistake): self
    {
        return new self(Said::phrase($mistake->said()), $mistake->students, $mistake->times);
    }
}
