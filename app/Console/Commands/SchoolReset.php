<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use App\School\SlipBox;
use Illuminate\Console\Command;

/** For whoever looks after the machine: the keeper forgot their password. */
final class SchoolReset extends Command
{
    protected $signature = 'school:reset {mail : of whoever cannot sign in}';

    protected $description = 'A slip with which somebody who forgot their password signs in';

    public function handle(SlipBox $slips): int
    {
        $person = Teacher::query()->where('email', mb_strtolower(trim((string) $this->argument('mail'))))->first();
        if ($person === null) {
            $this->error('Nobody in this school has that mail.');

            return self::FAILURE;
        }
        [$slip, $code] = $slips->reset($person);
        AdultLog::tellOf($person->kitchen->school, Act::ResetSignIn, ['name' => $person->name]);
        $this->line("$person->name chooses a new password at  ".rtrim((string) config('app.url'), '/')."/welcome/$code");
        $this->line("It works once, until {$slip->ends_at->toDateString()}.");

        return self::SUCCESS;
    }
}
