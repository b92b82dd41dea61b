<?php

declare(strict_types=1);

namespace Hovik\Core\Period;

/** One bar of the timeline. */
final readonly class PlannedTask
{
    /**
     * @param  int|null  $station  from 0; null: everybody
     * @param  string|null  $line  id; null for a fixed block
     * @param  string  $what  measure, weigh, or a {@see Fixed} id
     * @param  int  $startS  s from the bell
     * @param  list<string>  $resources  held meanwhile
     */
    public function __construct(
        public ?int $station, public ?string $line, public string $what, public int $startS, public int $endS,
        public array $resources,
    ) {
    }
}
