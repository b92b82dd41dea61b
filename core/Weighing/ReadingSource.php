<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

/** How a weight came in. */
enum ReadingSource: string
{
    case Typed = 'typed';
    /** Read from a scale on the cable. */
    case Scale = 'scale';
    /** From the simulated scale. */
    case Practice = 'practice';
    /** Typed in from a sheet, afterwards. */
    case Paper = 'paper';
}
