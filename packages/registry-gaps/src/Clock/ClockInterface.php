<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

use Psr\Clock\ClockInterface as PsrClock;

/** What Carbon asks of a clock. */
interface ClockInterface extends PsrClock
{
    /** Waits this many seconds. */
    public function sleep(float|int $seconds): void;

    /** The same clock in another time zone. */
    public function withTimeZone(\DateTimeZone|string $timezone): static;
}
