<?php

declare(strict_types=1);

namespace Hovik\Core\Calibration;

/** To where a tool is filled with water for its check (the craft's page, section 10). */
enum FillTo: string
{
    /** Struck once with a wet straight edge. */
    case Rim = 'rim';
    /** By eye, at a line. */
    case Line = 'line';

    /** Standard deviation of the height of one fill, mm: at the rim ±0.25, as likely anywhere between; at a line that of the eye. */
    public function heightSdMm(): float
    {
        return match ($this) {
            self::Rim => 0.25 / sqrt(3.0),
            self::Line => 0.7,
        };
    }
}
