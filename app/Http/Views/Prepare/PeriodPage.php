<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Labs\LabPeriod;
use App\Models\Lab;
use App\Words\Said;
use Hovik\Core\Period\Fixed;
use Hovik\Core\Period\Period;
use Hovik\Core\Period\PeriodPlan;
use Hovik\Core\Period\PlannedTask;
use Hovik\Core\Words\Phrase;

/** A lab from bell to bell. */
final readonly class PeriodPage extends View
{
    /**
     * @param  list<PeriodSaving>  $saves  what one more of a scarce thing would save
     * @param  list<PeriodBlock>  $blocks
     * @param  list<string>  $stations
     * @param  float|null  $opened_at  s since 1970
     * @param  list<TimelineTask>  $timeline
     */
    public function __construct(
        public string $title,
        public string $section,
        public int $minutes,
        public string $starts_at,
        public int $end_s,
        public bool $fits,
        public int $spare_minutes,
        public ?string $bottleneck,
        public array $saves,
        public array $blocks,
        public array $stations,
        public ?float $opened_at,
        public array $timeline,
    ) {
    }

    public static function of(LabPeriod $period, Lab $lab): self
    {
        $plan = $period->plan;
        $say = static fn (string $id): string => Said::phrase(Phrase::of("period.$id"));
        $name = static fn (string $id): string => match ($id) {
            PeriodPlan::HANDS, Period::TEACHER => $say($id),
            default => $period->resources[$id] ?? $id,
        };
        $blocks = LabPeriod::blocks($lab);
        $saves = array_filter($plan->oneMoreSavesS, static fn (int $seconds): bool => $seconds >= Fixed::A_MINUTE_S);

        return new self(
            title: $lab->title,
            section: $lab->section->name,
            minutes: $plan->period->minutes,
            starts_at: substr($lab->section->starts_at, 0, 5),
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
            blocks: array_map(
                static fn (string $id, int $seconds): PeriodBlock => new PeriodBlock($id, $say($id), Fixed::minutes($seconds)),
                array_keys($blocks),
                $blocks,
            ),
            stations: $period->stations(),
            opened_at: $lab->isOpen() ? (float) $lab->opened_at?->format('U') : null,
            timeline: array_map(static fn (PlannedTask $task): TimelineTask => new TimelineTask(
                $task->station, $task->what, $task->line === null
                    ? $say($task->what)
                    : $period->lines[(int) $task->line], $task->startS, $task->endS,
            ), $plan->timeline),
        );
    }
}
