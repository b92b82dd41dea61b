<?php

declare(strict_types=1);

namespace App\District;

/**
 * Marks a migration after which the code before it still works: it only adds tables, or columns that may be left out. A district changes
 * over to such code while labs go on; for others it needs a pause.
 */
interface BesideOlderCode
{
}
