<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;
use App\Models\Station;

final readonly class SeatStation extends View
{
    public function __construct(
        public int $id,
        public string $name,
        public string $code,
        public ?float $bowl_g,
    ) {
    }

    public static function of(Station $station): self
    {
        return new self($station->id, $station->name, $station->code, $station->bowl_g === null ? null : (float) $station->bowl_g);
    }
}
