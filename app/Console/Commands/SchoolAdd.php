<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\School\SetUpCode;
use Illuminate\Console\Command;

/** For whoever looks after an installation of several schools. */
final class SchoolAdd extends Command
{
    protected $signature = 'school:add';

    protected $description = 'A code with which one more school is set up';

    public function handle(): int
    {
        $code = SetUpCode::make();
        $url = rtrim((string) config('app.url'), '/');
        $this->line("One more school is set up once, within seven days, at  $url/set-up#code=$code");

        return self::SUCCESS;
    }
}
