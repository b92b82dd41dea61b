<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Http\Views\View;
use App\Models\Scale;

final readonly class DrawerScale extends View
{
    public function __construct(
        public int $id,
        public string $name,
        public float $step,
        public int $decimals,
        public ?float $capacity,
        public ?string $checked_on,
        public bool $out_of_order,
    ) {
    }

    public static function of(Scale $scale): self
    {
        $core = $scale->toCore();

        return new self(
            $scale->id, $scale->name, $core->readabilityG, $core->decimals(), $core->capacityG,
            $scale->checked_on?->toDateString(), $scale->out_of_order,
        );
    }
}
