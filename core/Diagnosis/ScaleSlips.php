<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Weighing\Weight;

/** Slips between the scale and the number written down. */
final class ScaleSlips
{
    /** What stands on a scale where nobody says: g, spread, how often. Paper, a small bowl, a cup, a bowl, a jug. */
    private const VESSELS = [[8.0, 4.0, 0.15], [45.0, 18.0, 0.25], [110.0, 35.0, 0.25], [220.0, 70.0, 0.25], [400.0, 120.0, 0.1]];

    /** How much a hand that pours scatters, relative. An estimate of ours. */
    private const POURING = 0.02;

    /** Steps of displays in ounces and pounds. */
    private const OUNCE_STEP = 0.1;

    private const POUND_STEP = 0.01;

    public static function predict(Cause $cause, Situation $at): ?Prediction
    {
        $sound = self::reading($at);
        [$mean, $sd] = $sound;
        [$ounce, $pound] = [MeasureStandard::UsCustomary->sizeAbout(Unit::Ounce), MeasureStandard::UsCustomary->sizeAbout(Unit::Pound)];

        return match ($cause) {
            Cause::NotTared => self::notTared($at, $mean, $sd),
            Cause::WrongUnit => new Prediction([
                [0.8, $mean / $ounce, hypot($sd / $ounce, self::OUNCE_STEP / sqrt(12))],
                [0.2, $mean / $pound, hypot($sd / $pound, self::POUND_STEP / sqrt(12))],
            ]),
            Cause::DecimalSlip => new Prediction([[0.5, $mean * 10, $sd * 10], [0.5, $mean / 10, $sd / 10]]),
            Cause::Overshot => self::weighedOut($at, [1.04, 1.09]),
            Cause::StoppedShort => self::weighedOut($at, [0.96, 0.9]),
            Cause::SwappedDigits => self::swapped($at, $mean, $sd),
            default => null,
        };
    }

    /** @return array{float, float} what good technique reads here: mean and standard deviation, g */
    private static function reading(Situation $at): array
    {
        $sound = Prediction::ofWeights([[1.0, $at->sound()]], $at->reading->scale);
        assert($sound !== null);

        return [$sound->parts[0][1], $sound->parts[0][2]];
    }

    /**
     * Poured onto the scale until it said so, and a little or much too far; or not far enough.
     *
     * @param  list<float>  $shares
     */
    private static function weighedOut(Situation $at, array $shares): ?Prediction
    {
        if ($at->isMeasured() || $at->isCounted()) {
            return null;
        }

        return Prediction::ofWeights(array_map(
            static fn (float $share): array => [1.0, new Weight($at->targetG * $share, $at->targetG * self::POURING)], $shares,
        ), $at->reading->scale);
    }

    private static function notTared(Situation $at, float $mean, float $sd): Prediction
    {
        if ($at->containerG !== null) {
            return new Prediction([[1.0, $mean + $at->containerG, hypot($sd, 0.01 * $at->containerG)]]);
        }

        return new Prediction(
            array_map(static fn (array $vessel): array => [$vessel[2], $mean + $vessel[0], hypot($sd, $vessel[1])], self::VESSELS),
        );
    }

    /** Neighbouring digits of what was written, changed back: each such number is as far from this one as from what was meant. */
    private static function swapped(Situation $at, float $mean, float $sd): ?Prediction
    {
        $grams = $at->reading->grams;
        $digits = number_format($grams, min(2, $at->reading->scale->decimals()), '.', '');
        $parts = [];
        for ($i = 0; $i + 1 < strlen($digits); $i++) {
            [$a, $b] = [$digits[$i], $digits[$i + 1]];
            if ($a !== $b && $a !== '.' && $b !== '.') {
                $meant = (float) substr_replace($digits, $b.$a, $i, 2);
                $parts[] = [1.0, $grams + $mean - $meant, $sd];
            }
        }

        return $parts === [] ? null : new Prediction($parts);
    }
}
