<?php

declare(strict_types=1);

namespace Hovik\Core\Calibration;

/** What a water check says of a tool. */
enum ToolVerdict: string
{
    case Fit = 'fit';
    case UseWithCorrection = 'use-with-correction';
    case Retire = 'retire';
    case Undecided = 'undecided';
    /** One millimeter at this line is more than a tenth of the amount: nobody can say. */
    case TooWide = 'too-wide';
}
