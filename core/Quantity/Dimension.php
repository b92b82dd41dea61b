<?php

declare(strict_types=1);

namespace Hovik\Core\Quantity;

/** What a unit counts. `Ambiguous` units (a can, a packet) have no size of their own. */
enum Dimension: string
{
    case Volume = 'volume';
    case Mass = 'mass';
    case Count = 'count';
    case Ambiguous = 'ambiguous';
}
