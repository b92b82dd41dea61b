<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

/** How a line of a lab is measured. */
enum MeasuringMode: string
{
    /** By tools, then checked by weighing: what the craft is about. */
    case Checked = 'checked';
    /** Weighed out on the scale: no tools, and the grams are told, since they are what to weigh. */
    case Weight = 'weight';
    /** By tools alone: never weighed, never judged. */
    case Volume = 'volume';
}
