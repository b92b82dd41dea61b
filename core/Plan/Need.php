<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Quantity\Amount;

/** What one line takes at one station. */
final readonly class Need
{
    /**
     * @param  BigRational  $grams  exact
     * @param  int|null  $stations  how many measure it; null: all of them
     */
    public function __construct(
        public Ingredient $ingredient, public Amount $amount, public BigRational $grams, public ?int $stations = null,
    ) {
    }
}
