<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Words\Phrase;

/**
 * The reason to believe a judgement: the band, what the scale can tell, what these tools give; and how to do better with a coarse scale.
 */
final class Explanation
{
    /**
     * @param  int  $together  how many level measures lay on the scale: what is judged is one of them, what the scale counts by is its own
     * @return list<Phrase>
     */
    public static function of(Judgement $judgement, int $together = 1): array
    {
        $target = $judgement->target;
        [$low, $high] = $judgement->band();
        $places = self::targetDecimals($judgement);
        $band = ['low' => self::round($low, $places), 'high' => self::round($high, $places)];
        $sentences = [
            $target->tolerance->isDecidedByFloor($target->grams)
                ? Phrase::of('working.band.floor', [...$band, 'grams' => $target->tolerance->floorG])
                : Phrase::of('working.band.percent', [...$band, 'percent' => $target->tolerance->percent]),
            Phrase::of('working.scale', [
                'step' => round($together * $judgement->reading->scale->readabilityG, 4),
                'grams' => self::round($judgement->reading->grams, self::scaleDecimals($judgement)),
                'low' => self::round($judgement->reading->grams - $judgement->uncertaintyG, self::scaleDecimals($judgement) + 1),
                'high' => self::round($judgement->reading->grams + $judgement->uncertaintyG, self::scaleDecimals($judgement) + 1),
            ]),
        ];
        $off = $judgement->reading->grams - $judgement->reading->trueGrams();
        if (abs($off) >= 0.05 * $judgement->reading->scale->readabilityG) {
            $sentences[] = Phrase::of($off > 0 ? 'working.scale-high' : 'working.scale-low', ['grams' => self::round(abs($off), 2)]);
        }
        // Worth a word only where the tools in hand are not what the recipe counts on.
        if (
            $judgement->technique !== null
                && ! ShownGrams::of($judgement->technique->expectedG)->isEqualTo(ShownGrams::of($target->grams))
        ) {
            $sentences[] = Phrase::of('working.tool', ['grams' => ShownGrams::of($judgement->technique->expectedG)]);
        }

        return $sentences;
    }

    /** What to do about a scale too coarse for this amount; null when it is fine. */
    public static function advice(ScaleFitness $fitness): ?Phrase
    {
        return $fitness->weighTogether === null ? null
            : Phrase::of($fitness->needsFinerScale() ? 'advice.finer' : 'advice.together', ['count' => $fitness->weighTogether]);
    }

    /** Decimals in which a reading of this scale, and its error, are shown. */
    public static function scaleDecimals(Judgement $judgement): int
    {
        return min(2, $judgement->reading->scale->decimals());
    }

    /** Decimals in which the target and its band are shown: as the scale's, but small targets keep their tenths. */
    public static function targetDecimals(Judgement $judgement): int
    {
        return max(self::scaleDecimals($judgement), ShownGrams::of($judgement->target->grams)->getScale());
    }

    private static function round(float $grams, int $places): BigDecimal
    {
        return BigDecimal::of(sprintf('%.9F', max($grams, 0.0)))->toScale($places, RoundingMode::HALF_UP);
    }
}
