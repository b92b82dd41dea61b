<?php

declare(strict_types=1);

namespace Hovik\Core\Period;

/** A period from bell to bell. */
final readonly class PeriodPlan
{
    /** What is scarce where no resource is: the hands at a station. */
    public const HANDS = 'hands';

    private const LONG_WAIT_S = 60;

    /**
     * @param  list<PlannedTask>  $timeline  by start
     * @param  int  $endS  s from the bell to the end of cleaning up
     * @param  int  $lowerBoundS  within which no plan could do it
     * @param  string|null  $bottleneck  resource id, or `hands`; null where there is nothing to do
     * @param  array<string, int>  $oneMoreSavesS  s, by resource id
     */
    public function __construct(
        public Period $period, public array $timeline, public int $endS, public int $lowerBoundS, public ?string $bottleneck,
        public array $oneMoreSavesS,
    ) {
    }

    public function fits(): bool
    {
        return $this->endS <= 60 * $this->period->minutes;
    }

    /** s left before the bell; negative: so much too long. */
    public function spareS(): int
    {
        return 60 * $this->period->minutes - $this->endS;
    }

    /** Whole minutes left, rounded towards less. */
    public function spareMinutes(): int
    {
        return (int) floor($this->spareS() / Fixed::A_MINUTE_S);
    }

    /** s that a filled tool waits for its scale, or a station for its check, before this begins; 0 before anything else. */
    public function waitedS(PlannedTask $task): int
    {
        $before = static fn (PlannedTask $one): bool => match ($task->what) {
            'weigh' => $one->what === 'measure' && $one->line === $task->line,
            'check' => $one->line !== null,
            default => false,
        };
        $since = array_filter(
            $this->timeline, static fn (PlannedTask $one): bool => $one->station === $task->station && $before($one),
        );

        return $since === [] ? 0 : $task->startS - max(array_map(static fn (PlannedTask $one): int => $one->endS, $since));
    }

    /** Whether somebody waits so long (s) that it is worth another scale, or another order. */
    public static function isLongWait(int $seconds): bool
    {
        return $seconds > self::LONG_WAIT_S;
    }

    /** s that the one who waits longest for a resource waits. */
    public function longestWaitS(string $resource): int
    {
        $served = array_filter($this->timeline, static fn (PlannedTask $task): bool => in_array($resource, $task->resources, true));

        return max([0, ...array_map($this->waitedS(...), array_values($served))]);
    }

    /**
     * What a station does at a moment: what it is at, or what comes next.
     *
     * @param  int  $atS  s from the bell
     * @return list<PlannedTask>
     */
    public function at(int $station, int $atS): array
    {
        $own = array_values(
            array_filter($this->timeline, static fn (PlannedTask $task): bool => $task->station === null || $task->station === $station),
        );
        $now = array_values(array_filter($own, static fn (PlannedTask $task): bool => $task->startS <= $atS && $atS < $task->endS));
        if ($now !== []) {
            return $now;
        }
        foreach ($own as $task) {
            if ($task->startS >= $atS) {
                return [$task];
            }
        }

        return [];
    }

    /** @return list<string> line ids in the order in which a station begins them */
    public function orderOf(int $station): array
    {
        $own = array_filter(
            $this->timeline,
            static fn (PlannedTask $task): bool => $task->station === $station && $task->what === 'measure' && $task->line !== null,
        );

        return array_values(array_filter(array_map(static fn (PlannedTask $task): ?string => $task->line, $own), is_string(...)));
    }
}
