<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Weighing\ToleranceLevel;

/** The grams that a recipe itself writes beside its cups, '1 cup (120 g) flour', against ours: far apart, somebody chooses. */
final readonly class OwnGrams
{
    /**
     * @param  float  $theirs  g, for the amount as written
     * @param  float  $ours  g
     * @param  bool  $isApart  further than a usual class tolerates for the family
     * @param  BigDecimal  $gramsPerUsCup  what a US cup of the food weighs if the recipe is right
     */
    private function __construct(public float $theirs, public float $ours, public bool $isApart, public BigDecimal $gramsPerUsCup)
    {
    }

    /** @return self|null  null where the line writes no grams beside a volume */
    public static function of(ReadLine $line, MeasureStandard $standard, Pantry $pantry): ?self
    {
        $amount = SettledLine::amount($line, $standard);
        $also = $line->also[0] ?? null;
        $isBoth = $amount?->unit->dimension() === Dimension::Volume && $also?->unit?->dimension() === Dimension::Mass;
        $cup = $line->ingredient?->gramsPerUsCup;
        if ($amount === null || $also?->unit === null || ! $isBoth || $line->ingredient === null || $cup === null) {
            return null;
        }
        try {
            $theirs = Amount::of($also->min, $also->unit)->inBase($standard);
            $handling = TechniqueCatalogue::handlingFor($line->ingredient, SettledLine::method($line));
            $ours = Conversion::toGrams($amount, $line->ingredient, $standard, $pantry, $handling)->exact;
        } catch (InvalidInput) {
            return null;
        }
        $most = Tolerance::usualPercent($line->ingredient->family, ToleranceLevel::Practised) / 100;

        $share = $theirs->dividedBy($ours);

        return new self(
            $theirs->toFloat(), $ours->toFloat(), abs($share->toFloat() - 1) > $most,
            $share->multipliedBy($cup)->toScale(4, RoundingMode::HALF_UP),
        );
    }
}
