<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\School;
use App\School\SetUpCode;
use Illuminate\Console\Command;

/** Told after a school's installation has started: where to go, and the code of the first visit while nobody has been there. */
final class SchoolWelcome extends Command
{
    protected $signature = 'school:welcome';

    protected $description = 'Where the school is, and the set-up code while it is empty';

    public function handle(): int
    {
        $url = rtrim((string) config('app.url'), '/');
        $this->newLine();
        if (SetUpCode::isEmpty()) {
            $this->line('The school is empty. Set it up at  '.$url.'/set-up');
            $this->line('with this code, which works once:  '.SetUpCode::first());
        } else {
            $names = School::query()->orderBy('name')->limit(4)->pluck('name');
            $this->line(($names->count() > 3 ? School::query()->count().' schools are' : $names->implode(', ').' is').' at  '.$url);
        }

        return self::SUCCESS;
    }
}
