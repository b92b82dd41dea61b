<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Quantity\Equivalents;

final readonly class EquivalentRow extends View
{
    public function __construct(
        public string $measure,
        public ?string $spoons,
        public ?string $teaspoons,
        public ?string $fluid_ounces,
        public float $ml,
    ) {
    }

    public static function of(Equivalents $row): self
    {
        return new self(
            Said::amount($row->measure),
            $row->spoons === null ? null : Said::measure($row->spoons),
            $row->teaspoons,
            $row->fluidOunces,
            $row->ml->toFloat(),
        );
    }
}
