<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** A scale against a known weight, before a lab: it may be off by its type's tolerance of the reading, plus one division (tools.csv). */
final class ScaleVerification
{
    private const HAIR = 1e-9;

    /** What it shows too much, g. */
    public static function errorG(float $nominalG, float $readingG): float
    {
        return $readingG - $nominalG;
    }

    /** The same in a thousand of the weight. */
    public static function perMille(float $nominalG, float $readingG): float
    {
        return 1000 * self::errorG($nominalG, $readingG) / $nominalG;
    }

    /**
     * @param  float  $nominalG  what lies on it, g
     * @param  float  $readingG  what it shows, g
     *
     * @throws InvalidInput naming the field
     */
    public static function passes(float $nominalG, float $readingG, Scale $scale): bool
    {
        if (! is_finite($nominalG) || $nominalG <= 0 || $nominalG > ($scale->capacityG ?? 100_000)) {
            throw InvalidInput::because('nominal_g', Phrase::of('refusal.weight-for-scale'));
        }
        ScaleReading::fromDisplay($readingG, $scale, 'reading_g');

        return abs($readingG - $nominalG) <= $scale->typicalTolerance * $nominalG + $scale->readabilityG + self::HAIR;
    }
}
