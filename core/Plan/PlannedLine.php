<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigDecimal;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Words\Phrase;

/** One line as a class would measure it: what, with what, how, and what it should weigh and why. */
final readonly class PlannedLine
{
    /**
     * @param  KitchenMeasure  $measure  the amount as a cook measures it
     * @param  BigDecimal  $targetG  g, to a ten-thousandth
     * @param  list<Phrase>  $working  how the target came about
     * @param  string|null  $source  of the weight; null when the line says a weight itself
     * @param  bool  $hasOwnTolerance  the teacher's, instead of the usual one
     * @param  Pantry  $pantry  by which it was planned
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
        public MeasureStandard $standard,
        public MeasuringMode $mode,
        public Strictness $strictness,
        public bool $hasOwnTolerance,
        public Pantry $pantry,
    ) {
    }

    public function target(): Target
    {
        return Target::of($this->targetG->toFloat(), $this->tolerance);
    }

    public function need(): Need
    {
        return new Need($this->ingredient, $this->amount, $this->targetG->toBigRational());
    }
}
