<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Http\Views\View;
use App\Models\Scale;
use App\Words\Said;
use Hovik\Core\Calibration\ScaleCheck;
use Hovik\Core\Calibration\ScaleVerdict;

/** What a check of a scale from empty to full found. */
final readonly class ScaleFound extends View
{
    /**
     * @param  list<string>  $said
     * @param  float  $tilt_g  what it shows too much at the heaviest weight
     * @param  float  $at_g  that weight
     * @param  list<ScaleError>  $errors  by weight
     * @param  list<ScaleDoubt>  $doubts  U (k = 2) of a weighing from now on
     */
    public function __construct(
        public ScaleVerdict $verdict,
        public array $said,
        public float $bias_g,
        public float $span_pct,
        public float $tilt_g,
        public float $at_g,
        public ?float $repeatability_g,
        public ?float $corners_g,
        public float $allowed_g,
        public array $errors,
        public array $doubts,
    ) {
    }

    public static function of(ScaleCheck $check, Scale $scale): self
    {
        $heaviest = max(array_column($check->weights, 'nominal_g'));

        return new self(
            verdict: $check->verdict(),
            said: array_map(Said::phrase(...), $check->inWords()),
            bias_g: $check->biasG,
            span_pct: $check->spanPct,
            tilt_g: $check->lineAt($heaviest),
            at_g: $heaviest,
            repeatability_g: $check->repeatabilityG,
            corners_g: $check->cornersG,
            allowed_g: $check->allowedG(),
            errors: array_map(
                static fn (array $one): ScaleError => new ScaleError($one['nominal_g'], $one['error_g'], $one['fitted_g']),
                $check->errors(),
            ),
            doubts: array_map(
                static fn (float $grams): ScaleDoubt => new ScaleDoubt($grams, $check->doubtAt($grams, $scale->toCore())),
                array_values(array_filter([3.0, 50.0, 400.0],
                    static fn (float $one): bool => $one <= ($scale->toCore()->capacityG ?? INF))),
            ),
        );
    }
}
