<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\District\BesideOlderCode;
use Illuminate\Console\Command;
use Illuminate\Database\Migrations\Migrator;

/** Before a district changes over to this code while labs go on. */
final class SchoolBeside extends Command
{
    protected $signature = 'school:beside';

    protected $description = 'Whether the code that runs now can live with the tables as this one wants them';

    public function handle(Migrator $migrator): int
    {
        $waiting = array_diff_key(
            $migrator->getMigrationFiles([database_path('migrations')]), array_flip($migrator->getRepository()->getRan()),
        );
        $apart = array_keys(array_filter($waiting, static fn (string $file): bool => ! (require $file) instanceof BesideOlderCode));
        foreach ($apart as $name) {
            $this->error("The older code cannot live with $name.");
        }

        return $apart === [] ? self::SUCCESS : self::FAILURE;
    }
}
