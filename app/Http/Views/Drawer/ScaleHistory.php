<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Http\Views\View;
use App\Models\ScaleCalibration;
use App\Models\ScaleCheck;
use Hovik\Core\Calibration\ScaleVerdict;
use Hovik\Core\Weighing\ScaleVerification;

/** One check in a scale's year: what it showed too much at a weight. */
final readonly class ScaleHistory extends View
{
    /**
     * @param  float  $per_mille  of that weight
     * @param  bool  $whole  from empty to full; else the short form at the start of a lab
     */
    public function __construct(
        public string $day, public float $at_g, public float $error_g, public float $per_mille, public bool $whole, public bool $passed,
    ) {
    }

    public static function ofCheck(ScaleCheck $check): self
    {
        return new self(
            $check->day->toDateString(), (float) $check->nominal_g,
            ScaleVerification::errorG((float) $check->nominal_g, (float) $check->reading_g),
            ScaleVerification::perMille((float) $check->nominal_g, (float) $check->reading_g), false, $check->passed,
        );
    }

    public static function ofCalibration(ScaleCalibration $check): self
    {
        $at = max(array_column($check->measured->weights, 'nominal_g'));

        return new self(
            $check->day->toDateString(), $at, $check->measured->lineAt($at), $check->measured->perMille(), true, $check
                ->verdict !== ScaleVerdict::NotLevel,
        );
    }
}
