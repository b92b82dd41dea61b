<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

/** Where a lab stands: being prepared, open at the stations, or closed. From the moment it opens its lines are frozen. */
enum LabState: string
{
    case Prepared = 'prepared';
    case Open = 'open';
    case Closed = 'closed';

    public function isFrozen(): bool
    {
        return $this !== self::Prepared;
    }
}
