<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\Need;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** One line at a factor. */
final readonly class ScaledLine
{
    /**
     * @param  Amount  $amount  exact
     * @param  KitchenMeasure  $measure  as a cook measures it
     * @param  BigRational  $grams  exact
     * @param  BigDecimal  $roundingLoss  g that rounding one batch first would have lost or gained
     * @param  float|null  $bakersPercent  of the flour; null without flour
     * @param  BigDecimal|null  $beatenG  g of beaten egg, where the pieces are not whole
     * @param  list<Phrase>  $working
     */
    private function __construct(
        public SettledLine $line,
        public Amount $amount,
        public KitchenMeasure $measure,
        public BigRational $grams,
        public BigDecimal $roundingLoss,
        public ?float $bakersPercent,
        public ?BigDecimal $beatenG,
        public array $working,
        public ?string $source,
        public Handling $handling,
    ) {
    }

    public static function of(SettledLine $line, BigRational $factor, MeasureStandard $standard, Pantry $pantry, Handling $handling): self
    {
        $amount = $line->amount->times($factor);
        $one = Conversion::toGrams($line->amount, $line->ingredient, $standard, $pantry, $handling);
        $all = Conversion::toGrams($amount, $line->ingredient, $standard, $pantry, $handling);
        $early = ShownGrams::of($one->exact)->toBigRational()->multipliedBy($factor);
        $isPartOfPiece = $amount->unit->dimension() === Dimension::Count
                && ! $amount->inBase($standard)->simplified()->getDenominator()->isEqualTo(1);

        return new self(
            $line,
            $amount,
            $factor->isEqualTo(1) || ! in_array(
                $amount->unit, [Unit::Cup, Unit::Tablespoon, Unit::Teaspoon], true,
            ) ? KitchenMeasure::asMeasured($amount, $standard) : KitchenMeasure::of($amount, $standard),
            $all->exact,
            ShownGrams::of($all->exact->minus($early)->abs()),
            null,
            $isPartOfPiece ? ShownGrams::of($all->exact) : null,
            $all->working,
            $all->source,
            $handling,
        );
    }

    public function need(): Need
    {
        return new Need($this->line->ingredient, $this->amount, $this->grams);
    }

    public function withBakersPercent(float $percent): self
    {
        return new self(
            $this->line, $this->amount, $this->measure, $this->grams, $this->roundingLoss, $percent, $this->beatenG,
            $this->working, $this->source, $this->handling,
        );
    }
}
