<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigDecimal;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Words\Phrase;

/** All that a lab freezes about one line: what to measure, with what, how, and what it should weigh and why. */
final readonly class LinePlan
{
    /**
     * @param  KitchenMeasure  $measure  the amount as a cook measures it
     * @param  BigDecimal  $targetG  g, to a ten-thousandth
     * @param  list<Phrase>  $working  how the target came about
     * @param  string|null  $source  of the weight; null when the line says a weight itself
     */
    public function __construct(
        public Ingredient $ingredient,
        public Amount $amount,
        public KitchenMeasure $measure,
        public Plans $plans,
        public ?HouseMethod $method,
        public Handling $handling,
        public BigDecimal $targetG,
        public Tolerance $tolerance,
        public array $working,
        public ?string $source,
    ) {
    }

    public function need(): Need
    {
        return new Need($this->ingredient, $this->amount, $this->targetG->toBigRational());
    }
}
