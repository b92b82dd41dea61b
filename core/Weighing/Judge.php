<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/**
 * Level, Heaped, Shy, or too close for this scale. With error e, tolerance T and the scale's doubt U:
 * |e| <= T - U is Level; e >= T + U Heaped; e <= -(T + U) Shy; between them nobody can tell with this scale.
 */
final class Judge
{
    /** g. Keeps a reading that is exactly on an edge there, in spite of binary fractions. */
    private const HAIR = 1e-9;

    /**
     * @param  float|null  $expectedG  what good technique gives with this very tool, g; answers the second question too
     *
     * @throws InvalidInput
     */
    public static function judge(Target $target, ScaleReading $reading, ?float $expectedG = null): Judgement
    {
        if ($expectedG !== null && (! is_finite($expectedG) || $expectedG <= 0)) {
            throw InvalidInput::because('expected_g', Phrase::of('refusal.above-zero'));
        }
        $grams = $reading->trueGrams();
        $error = $grams - $target->grams;
        $u = $reading->uncertainty();

        return new Judgement(
            verdict: self::verdict($error, $target->toleranceG(), $u),
            target: $target,
            reading: $reading,
            errorG: $error,
            errorPct: 100 * $error / $target->grams,
            uncertaintyG: $u,
            fitness: ScaleFitness::at($u, $target),
            technique: $expectedG === null ? null : self::technique($target, $grams, $expectedG, $u),
        );
    }

    private static function verdict(float $error, float $tolerance, float $u): Verdict
    {
        return match (true) {
            $error >= $tolerance + $u - self::HAIR => Verdict::Heaped,
            $error <= -($tolerance + $u) + self::HAIR => Verdict::Shy,
            // Where U fills the band, Level cannot be said.
            $u < $tolerance && abs($error) <= $tolerance - $u + self::HAIR => Verdict::Level,
            default => Verdict::TooClose,
        };
    }

    private static function technique(Target $target, float $grams, float $expectedG, float $u): TechniqueError
    {
        $error = $grams - $expectedG;

        return new TechniqueError(
            $expectedG, $error, 100 * $error / $expectedG, self::verdict($error, $target->tolerance->inGrams($expectedG), $u),
        );
    }
}
