<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigRational;
use Hovik\Core\Quantity\Unit;

/** An amount as a line says it: exact, perhaps a range; no unit where the line names none ('2 eggs' gets `piece`). */
final readonly class ReadAmount
{
    public function __construct(public BigRational $min, public ?BigRational $max, public ?Unit $unit)
    {
    }
}
