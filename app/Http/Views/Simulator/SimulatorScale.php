<?php

declare(strict_types=1);

namespace App\Http\Views\Simulator;

use App\Http\Views\View;
use Hovik\Core\Drawer\ToolCatalogue;

final readonly class SimulatorScale extends View
{
    public function __construct(
        public string $id,
        public float $step,
        public int $decimals,
        public ?float $capacity_g,
    ) {
    }

    public static function of(string $id): self
    {
        $scale = ToolCatalogue::scale($id, 0.0);

        return new self($id, $scale->readabilityG, $scale->decimals(), $scale->capacityG);
    }
}
