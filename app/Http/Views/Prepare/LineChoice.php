<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Recipe\Choice;

final readonly class LineChoice extends View
{
    public function __construct(
        public string $label,
        public ?float $grams,
        public int $decimals,
        public Settled $settled,
    ) {
    }

    public static function of(Choice $choice): self
    {
        return new self(
            Said::phrase($choice->says),
            $choice->grams,
            $choice->grams === null ? 0 : ShownGrams::of($choice->grams)->getScale(),
            Settled::of($choice->line),
        );
    }
}
