<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\School\Retention;
use Illuminate\Console\Command;

/** By night: what has reached its end goes. */
final class SchoolKeep extends Command
{
    protected $signature = 'school:keep';

    protected $description = 'Erases what has reached its end: classes by the school\'s time for them, codes, sessions, old log entries';

    public function handle(): int
    {
        $this->line(sprintf('Erased by time: %d classes.', Retention::apply()));

        return self::SUCCESS;
    }
}
