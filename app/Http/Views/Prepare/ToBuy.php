<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Plan\Supplies;
use Hovik\Core\Quantity\ShownGrams;

final readonly class ToBuy extends View
{
    public function __construct(
        public string $name,
        public ?string $measure,
        public float $grams,
        public int $decimals,
    ) {
    }

    public static function of(Supplies $supply): self
    {
        return new self(
            Said::ingredient($supply->ingredient->id),
            $supply->classMeasure === null ? null : Said::measure($supply->classMeasure),
            $supply->classG->toFloat(),
            ShownGrams::of($supply->classG)->getScale(),
        );
    }
}
