<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Quantity\KitchenMeasure;

final readonly class NearestMeasure extends View
{
    /**
     * @param  float  $error_pct  of the measure against the grams
     */
    public function __construct(
        public string $measure,
        public bool $exact,
        public float $error_pct,
    ) {
    }

    public static function of(KitchenMeasure $measure): self
    {
        return new self(Said::measure($measure), $measure->exact, $measure->errorPct);
    }
}
