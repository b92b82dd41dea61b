<?php

declare(strict_types=1);

namespace App\Http\Views\Today;

use App\Http\Views\View;
use App\Models\Lab;
use App\Models\Section;
use App\Models\Station;
use Hovik\Core\Lab\LabState;

final readonly class TodaySection extends View
{
    /**
     * @param  bool  $runs  the teacher runs it; an aide watches, and sees no codes
     * @param  bool  $meets  today
     * @param  bool  $is_now  its period is going on
     * @param  string  $starts_at  today's; its usual ones on a day on which it does not meet
     * @param  string  $next_day  the first one after today on which it meets
     * @param  list<StationCode>  $stations
     * @param  list<AtTheDoor>  $at_the_door  students for whom wrong PINs came
     * @param  list<LabSummary>  $labs  the open one first, then those being prepared
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?string $period,
        public bool $runs,
        public ?string $code,
        public bool $open_to_join,
        public bool $meets,
        public bool $is_now,
        public string $starts_at,
        public string $ends_at,
        public string $next_day,
        public array $stations,
        public array $labs,
        public array $at_the_door,
    ) {
    }

    public static function of(Section $section, bool $runs): self
    {
        $order = array_flip([LabState::Open->value, LabState::Prepared->value, LabState::Closed->value]);

        $school = $section->kitchen->school;
        $today = $section->hoursOn($school->today());

        return new self(
            id: $section->id,
            name: $section->name,
            period: $section->period,
            runs: $runs,
            code: $runs ? $section->code : null,
            open_to_join: $section->open_to_join,
            meets: $today !== null,
            is_now: $today?->holds(now($school->time_zone)->format('H:i')) === true,
            starts_at: ($today ?? $section->ownHours())->from,
            ends_at: ($today ?? $section->ownHours())->to,
            next_day: $section->meetsAfter($school->today()),
            stations: $runs ? array_values(
                $section->stations
                    ->map(fn (Station $station): StationCode => new StationCode($station->name, $station->code))->all(),
            ) : [],
            labs: array_values($section->labs->sortBy(fn (Lab $lab): int => $order[$lab->state->value])->map(LabSummary::of(...))->all()),
            at_the_door: $runs ? AtTheDoor::all($section) : [],
        );
    }
}
