<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\Unit;

/** How much a line says, whatever its food. */
final readonly class SaidAmount extends View
{
    public function __construct(public string $amount, public Unit $unit)
    {
    }

    public static function of(Amount $amount): self
    {
        return new self(KitchenNotation::write($amount->number), $amount->unit);
    }
}
