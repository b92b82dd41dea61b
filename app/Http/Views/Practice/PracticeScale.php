<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Simulator\DrawnScale;

/** The drawn scale after some keys. */
final readonly class PracticeScale extends View
{
    public function __construct(
        public bool $on,
        public string $unit,
        public ?float $number,
        public int $decimals,
        public bool $overload,
        public bool $has_bowl,
        public bool $poured,
        public ?string $note,
    ) {
    }

    public static function of(DrawnScale $shown): self
    {
        return new self(
            on: $shown->isOn,
            unit: $shown->unit,
            number: $shown->number(),
            decimals: $shown->decimals(),
            overload: $shown->isOverloaded(),
            has_bowl: $shown->hasBowl,
            poured: $shown->isPoured,
            note: $shown->note === null ? null : Said::phrase($shown->note),
        );
    }
}
