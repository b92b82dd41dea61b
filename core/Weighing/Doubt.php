<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\Words\Phrase;

/**
 * An entry that no usual slip explains is asked about before it is stored: four thousand grams for two cups is a number typed wrong. A bowl
 * that was not tared, grams taken for ounces and a heavy hand are stored and judged, since they are what is to be learned from.
 */
final class Doubt
{
    /** So many times the target, and a bowl besides, is past any heaped or wrong food. Estimates of ours. */
    private const TIMES = 3.0;

    private const HEAVY_BOWL_G = 1000.0;

    /** Less than this part of the target is past ounces read as grams (1/28). */
    private const PART = 0.02;

    /** The question to ask; null where the entry is stored as it is. */
    public static function about(Target $target, ScaleReading $reading): ?Phrase
    {
        return self::isFar($target, $reading->grams) ? Phrase::of('reading.doubt', ['grams' => $reading->kept()]) : null;
    }

    /** Whether no usual slip explains so much, or so little. */
    public static function isFar(Target $target, float $grams): bool
    {
        return $grams > self::TIMES * $target->grams + self::HEAVY_BOWL_G || $grams < self::PART * $target->grams;
    }
}
