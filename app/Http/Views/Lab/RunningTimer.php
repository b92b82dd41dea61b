<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use Hovik\Core\Lab\StationState;

final readonly class RunningTimer extends View
{
    /**
     * @param  float  $ends_at  s since 1970
     */
    public function __construct(
        public string $id,
        public string $label,
        public float $ends_at,
    ) {
    }

    /** @return list<self> */
    public static function all(StationState $state): array
    {
        return array_map(
            static fn (string $id, array $timer): self => new self($id, $timer['label'], $timer['endsAt']),
            array_keys($state->timers),
            $state->timers,
        );
    }
}
