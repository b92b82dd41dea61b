<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Words\Phrase;

final readonly class Missed extends View
{
    public function __construct(
        public string $said,
        public int $times,
    ) {
    }

    public static function of(string $misconception, int $times): self
    {
        return new self(Said::phrase(Phrase::of("miss.$misconception")), $times);
    }
}
