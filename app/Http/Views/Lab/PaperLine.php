<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;

final readonly class PaperLine extends View
{
    /**
     * @param  list<int>  $fit_scales
     * @param  int|null  $best_scale  the one that judges it first
     */
    public function __construct(
        public int $id,
        public array $fit_scales,
        public ?int $best_scale,
    ) {
    }
}
