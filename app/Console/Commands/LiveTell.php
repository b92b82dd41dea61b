<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Live\Teller;
use App\Live\Telling;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Cache;

/**
 * The teller: stays, and tells boards and stations what happened. While it tells, more happens; that is told together, so the more there
 * is to tell the less each costs. A process that stays has read what never changes of a lab, and a request need not wait for any of it.
 */
final class LiveTell extends Command
{
    /** Grown so large it ends, and supervisord starts another with nothing remembered. */
    private const MOST_BYTES = 100_000_000;

    private const WAIT_S = 30;

    /** What one that was killed may not have told is no older. */
    private const UNKNOWN_S = 20;

    protected $signature = 'live:tell';

    protected $description = 'Tells boards and stations what happened; stays until it is stopped';

    private bool $ends = false;

    public function handle(Telling $telling): int
    {
        config(['cache.stores.memory.driver' => 'array']); // its own: php-fpm's is not to be had here
        Cache::forgetDriver('memory');
        $this->trap([SIGTERM, SIGINT], function (): void {
            $this->ends = true;
        });
        $teller = Teller::at((string) config('hovik.teller_socket'));
        if ($teller->open()) {
            rescue(static fn () => $telling->tellAgain(self::UNKNOWN_S));
        }
        while (! $this->ends && memory_get_usage() < self::MOST_BYTES) {
            $this->tell($telling, $teller->heard(self::WAIT_S));
        }
        $teller->close();
        $this->tell($telling, $teller->heard(0));

        return self::SUCCESS;
    }

    /** @param  list<\App\Live\Happening>  $happenings */
    private function tell(Telling $telling, array $happenings): void
    {
        $telling->tell($happenings);
        app()->forgetScopedInstances();
    }
}
