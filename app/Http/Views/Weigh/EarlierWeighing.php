<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use App\Models\Weighing;

final readonly class EarlierWeighing extends View
{
    public function __construct(
        public float $grams,
        public int $decimals,
    ) {
    }

    public static function of(Weighing $weighing): self
    {
        return new self((float) $weighing->grams, $weighing->decimals());
    }
}
