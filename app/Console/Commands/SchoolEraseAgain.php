<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\School\Erasure;
use Illuminate\Console\Command;

/** After a restore. */
final class SchoolEraseAgain extends Command
{
    protected $signature = 'school:erase-again';

    protected $description = 'Erases again who was erased since the backup that was restored';

    public function handle(): int
    {
        $again = Erasure::again();
        if ($again > 0) {
            $this->line("Erased again, as they were before: $again.");
        }

        return self::SUCCESS;
    }
}
