<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

/** A line at the teacher's check. */
final readonly class GateLine
{
    /**
     * @param  GateWhy|null  $why  it wants a look; null: Level, or accepted
     * @param  float  $tolerances  its error in tolerances, signed
     */
    public function __construct(public int $line, public ?GateWhy $why, public float $tolerances)
    {
    }

    /**
     * In the order to look at them: by why, the larger error first.
     *
     * @param  list<self>  $lines
     * @return list<self> those that want a look
     */
    public static function toLookAt(array $lines): array
    {
        $open = array_values(array_filter($lines, static fn (self $line): bool => $line->why !== null));
        usort($open, static fn (self $a, self $b): int => [$a->why?->rank(), abs($b->tolerances)]
            <=> [$b->why?->rank(), abs($a->tolerances)]);

        return $open;
    }
}
