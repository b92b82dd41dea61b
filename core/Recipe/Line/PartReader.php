<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Recipe\Reading;

/** Reads one part of a line: from where the cursor stands, which it moves behind what it understood. */
interface PartReader
{
    public function read(Reading $r): void;
}
