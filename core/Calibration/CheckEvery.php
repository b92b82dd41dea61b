<?php

declare(strict_types=1);

namespace Hovik\Core\Calibration;

/** How often something is to be checked from end to end. */
enum CheckEvery: string
{
    case Lab = 'lab';
    case Term = 'term';
    case Year = 'year';

    /** Days that a check holds. */
    public function days(): int
    {
        return match ($this) {
            self::Lab => 1,
            self::Term => 120,
            self::Year => 365,
        };
    }
}
