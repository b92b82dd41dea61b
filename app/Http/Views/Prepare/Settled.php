<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Technique\HouseMethod;

final readonly class Settled extends View
{
    /** @param  string|null  $g_per_us_cup  the recipe's own weight, where it is the one taken */
    public function __construct(
        public string $ingredient,
        public string $amount,
        public Unit $unit,
        public ?HouseMethod $method,
        public ?string $g_per_us_cup,
    ) {
    }

    public static function of(SettledLine $line): self
    {
        return new self(
            $line->ingredient->id, KitchenNotation::write($line->amount->number), $line->amount->unit, $line->method,
            $line->gramsPerUsCup === null ? null : (string) $line->gramsPerUsCup,
        );
    }
}
