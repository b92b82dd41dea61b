<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Labs\LabPeriod;
use App\Words\Said;
use Hovik\Core\Period\Fixed;
use Hovik\Core\Period\Period;
use Hovik\Core\Period\PeriodPlan;
use Hovik\Core\Period\PlannedTask;
use Hovik\Core\Words\Phrase;

/** One period of a lab, from bell to bell. */
final readonly class PeriodPart extends View
{
    /**
     * @param  list<PeriodSaving>  $saves  what one more of a scarce thing would save
     * @param  list<TimelineTask>  $timeline
     * @param  list<SharedWait>  $waits  for what is shared, the teacher last
     */
    public function __construct(
        public int $end_s,
        public bool $fits,
        public int $spare_minutes,
        public ?string $bottleneck,
        public array $saves,
        public array $timeline,
        public array $waits,
    ) {
    }

    public static function of(PeriodPlan $plan, LabPeriod $period): self
    {
        $say = static fn (string $id): string => Said::phrase(Phrase::of("period.$id"));
        $name = static fn (string $id): string => match ($id) {
            PeriodPlan::HANDS, Period::TEACHER => $say($id),
            default => $period->resources[$id] ?? $id,
        };
        $saves = array_filter($plan->oneMoreSavesS, static fn (int $seconds): bool => $seconds >= Fixed::A_MINUTE_S);

        return new self(
            end_s: $plan->endS,
            fits: $plan->fits(),
            spare_minutes: $plan->spareMinutes(),
            bottleneck: $plan->bottleneck === null ? null : $name($plan->bottleneck),
            saves: array_map(
                static fn (string $id, int $seconds): PeriodSaving => PeriodSaving::of(
                    $name($id), $seconds, $id === Period::TEACHER,
                ), array_keys($saves),
                $saves,
            ),
            timeline: array_map(static fn (PlannedTask $task): TimelineTask => new TimelineTask(
                $task->station, $task->what, $task->line === null
                    ? $say($task->what)
                    : $period->lines[(int) $task->line], $task->startS, $task->endS, $plan->waitedS($task),
                array_map($name, $task->resources),
            ), $plan->timeline),
            waits: SharedWait::all($plan, $name),
        );
    }
}
