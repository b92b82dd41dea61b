<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

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
     */
    private function __construct(public float $theirs, public float $ours, public bool $isApart)
    {
    }

    /** @return self|null  null where the line writes no grams beside a volume */
    public static function of(ReadLine $line, MeasureStandard $standard, Pantry $pantry): ?self
    {
        $amount = SettledLine::amount($line, $standard);
        $also = $line->also[0] ?? null;
        $isBoth = $amount?->unit->dimension() === Dimension::Volume && $also?->unit?->dimension() === Dimension::Mass;
        if ($amount === null || $also?->unit === null || ! $isBoth || $line->ingredient === null) {
            return null;
        }
        try {
            $theirs = Amount::of($also->min, $also->unit)->inBase($standard)->toFloat();
            $handling = TechniqueCatalogue::handlingFor($line->ingredient, SettledLine::method($line));
            $ours = Conversion::toGrams($amount, $line->ingredient, $standard, $pantry, $handling)->exact->toFloat();
        } catch (InvalidInput) {
            return null;
        }
        $most = Tolerance::usualPercent($line->ingredient->family, ToleranceLevel::Practised) / 100;

        return new self($theirs, $ours, abs($theirs / $ours - 1) > $most);
    }
}
