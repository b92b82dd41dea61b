<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use Hovik\Core\Lab\StationState;

final readonly class Stuck extends View
{
    /**
     * @param  'misses'|'quiet'  $why
     */
    public function __construct(
        public string $why,
        public ?int $line,
    ) {
    }

    /** @param  list<int>  $lines */
    public static function of(StationState $state, array $lines, float $openedAt): ?self
    {
        $stuck = $state->stuck($lines, (float) now()->format('U.v'), $openedAt);

        return $stuck === null ? null : new self($stuck['why'], $stuck['line']);
    }
}
