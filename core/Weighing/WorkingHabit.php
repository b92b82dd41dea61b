<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/**
 * What hands and eyes do with a filled tool, apart from how the food got in (that is a {@see \Hovik\Core\Pantry\Handling}).
 * The defaults are good technique weighed in its own vessel: level, eye at the line, bottom of the curve, on the table.
 */
final readonly class WorkingHabit
{
    /** Degrees, either way: beyond this nobody can see the line. */
    public const STEEPEST = 60.0;

    /** The share of the opening at which the surface is judged: people stop just behind the near wall. */
    public const NEAR_WALL = 0.1;

    /** 'The far edge' is this share across. */
    public const FAR_EDGE = 0.3;

    private function __construct(
        public float $heaped,
        public float $hollow,
        public float $eyeDeg,
        public float $shareAcross,
        public bool $topOfCurve,
        public bool $held,
        public float $tiltDeg,
        public ?bool $scraped,
    ) {
    }

    /**
     * @param  float  $heaped  s, 0 to 1: how much of the cone that stands on the rim was left there
     * @param  float  $hollow  s, 0 to 1: how much of the dish under the rim was left empty
     * @param  float  $eyeDeg  degrees above the line (below: negative), -60 to 60
     * @param  float  $shareAcross  k, 0 to 0.5: how far across the opening the surface was judged
     * @param  bool  $topOfCurve  read at the top of the curve instead of its bottom
     * @param  bool  $held  read in the hand
     * @param  float  $tiltDeg  degrees by which the vessel leant while it was read, 0 to 30
     * @param  bool|null  $scraped  emptied and scraped, or emptied and not; null when weighed in the tool itself
     *
     * @throws InvalidInput naming the field
     */
    public static function of(
        float $heaped = 0.0, float $hollow = 0.0, float $eyeDeg = 0.0, float $shareAcross = self::NEAR_WALL,
        bool $topOfCurve = false, bool $held = false, float $tiltDeg = 0.0, ?bool $scraped = null, string $path = '',
    ): self {
        $ranges = [
            'heaped' => [$heaped, 0, 1],
            'hollow' => [$hollow, 0, 1],
            'eye_deg' => [$eyeDeg, -self::STEEPEST, self::STEEPEST],
            'share_across' => [$shareAcross, 0, 0.5],
            'tilt_deg' => [$tiltDeg, 0, 30],
        ];
        foreach ($ranges as $field => [$value, $least, $most]) {
            if (! is_finite($value) || $value < $least || $value > $most) {
                throw InvalidInput::because($path.$field, Phrase::of('refusal.range', ['least' => $least, 'most' => $most]));
            }
        }

        return new self($heaped, $hollow, $eyeDeg, $shareAcross, $topOfCurve, $held, $tiltDeg, $scraped);
    }

    public static function good(): self
    {
        return new self(0.0, 0.0, 0.0, self::NEAR_WALL, false, false, 0.0, null);
    }
}
