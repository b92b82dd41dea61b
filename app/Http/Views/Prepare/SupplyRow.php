<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Plan\Supplies;
use Hovik\Core\Quantity\ShownGrams;

final readonly class SupplyRow extends View
{
    public function __construct(
        public string $name,
        public ?string $station,
        public float $station_g,
        public int $decimals,
        public ?string $class,
        public float $class_g,
        public int $class_decimals,
    ) {
    }

    public static function of(Supplies $supply): self
    {
        return new self(
            name: Said::ingredient($supply->ingredient->id),
            station: $supply->stationMeasure === null ? null : Said::measure($supply->stationMeasure),
            station_g: $supply->stationG->toFloat(),
            decimals: ShownGrams::of($supply->stationG)->getScale(),
            class: $supply->classMeasure === null ? null : Said::measure($supply->classMeasure),
            class_g: $supply->classG->toFloat(),
            class_decimals: ShownGrams::of($supply->classG)->getScale(),
        );
    }
}
