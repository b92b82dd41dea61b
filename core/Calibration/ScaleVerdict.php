<?php

declare(strict_types=1);

namespace Hovik\Core\Calibration;

/** What a check says of a scale. */
enum ScaleVerdict: string
{
    case Level = 'level';
    case LevelWithCorrection = 'level-with-correction';
    case NotLevel = 'not-level';
}
