<?php

declare(strict_types=1);

namespace App\District;

use Illuminate\Support\Facades\Cache;

/** Which of a district's machines does a job of the night: the first that asks, and another one should it not end it. */
final readonly class NightlyTurn
{
    /** Longer than any job takes; then it is taken for broken off. */
    private const TAKES_S = 7200;

    /** Until the next night. */
    private const DONE_S = 64_800;

    private const DONE = 'done';

    private string $key;

    public function __construct(string $job, private string $node)
    {
        $this->key = "nightly:$job";
    }

    /** Whether it is this machine's to do now. */
    public function take(): bool
    {
        return Cache::add($this->key, $this->node, self::TAKES_S);
    }

    public function isDone(): bool
    {
        return Cache::get($this->key) === self::DONE;
    }

    public function done(): void
    {
        Cache::put($this->key, self::DONE, self::DONE_S);
    }

    /** It could not be done here. */
    public function giveBack(): void
    {
        if (Cache::get($this->key) === $this->node) {
            Cache::forget($this->key);
        }
    }
}
