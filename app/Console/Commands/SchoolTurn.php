<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\District\NightlyTurn;
use Illuminate\Console\Command;

/** For ops/tasks.sh of a district: what is done once by night is done by one of its machines. */
final class SchoolTurn extends Command
{
    private const MINE = 0;

    private const ANOTHERS = 3;

    private const DONE = 4;

    protected $signature = 'school:turn {job : of the night} {--done : it has been done} {--back : it could not be done here}';

    protected $description = 'Whether a job of the night is this machine\'s: 0; another one is at it: 3; it has been done: 4';

    public function handle(): int
    {
        $turn = new NightlyTurn((string) $this->argument('job'), (string) config('hovik.node'));
        if ($this->option('done') === true || $this->option('back') === true) {
            $this->option('done') === true ? $turn->done() : $turn->giveBack();

            return self::MINE;
        }

        return match (true) {
            $turn->isDone() => self::DONE,
            $turn->take() => self::MINE,
            default => self::ANOTHERS,
        };
    }
}
