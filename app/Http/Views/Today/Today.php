<?php

declare(strict_types=1);

namespace App\Http\Views\Today;

use App\Http\Views\View;
use App\Models\Scale;
use App\Models\Section;
use App\Models\Teacher;
use Hovik\Core\Calendar\Hours;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;

/** A teacher's day. */
final readonly class Today extends View
{
    /**
     * @param  string  $date  by the school's calendar
     * @param  string|null  $bells  which ring today; null: none, or the school did not tell
     * @param  list<TodayPeriod>  $periods  of those bells, as the day goes
     * @param  list<TodaySection>  $sections
     * @param  list<string>|null  $unchecked_scales  null for an aide: the drawer is not theirs
     * @param  DrawerWaits|null  $drawer  likewise
     * @param  list<UnreadLab>  $unread  held and not looked back on yet, newest first
     */
    public function __construct(
        public string $time_zone,
        public string $date,
        public ?string $bells,
        public array $periods,
        public array $sections,
        public ?array $unchecked_scales,
        public ?DrawerWaits $drawer,
        public array $unread,
    ) {
    }

    /** @param  Collection<int, Section>  $sections  with their labs, items and stations */
    public static function of(Teacher $teacher, Collection $sections): self
    {
        $kitchen = $teacher->kitchen;
        $today = $kitchen->school->today();
        $bells = $kitchen->school->bells()->on($today);

        return new self(
            time_zone: $kitchen->school->time_zone,
            date: $today,
            bells: $bells?->name,
            periods: array_map(
                static fn (string|int $name, Hours $hours): TodayPeriod => new TodayPeriod((string) $name, $hours->from, $hours->to),
                array_keys($bells->periods ?? []), $bells->periods ?? [],
            ),
            sections: array_values($sections->map(
                fn (Section $section): TodaySection => TodaySection::of($section, Gate::forUser($teacher)->allows('run', $section)),
            )->all()),
            unchecked_scales: ! $teacher->role->teaches() ? null : array_values(
                $kitchen->workingScales()->filter(fn (Scale $scale): bool => ! $scale->isTriedOn($today))
                    ->pluck('name')->all(),
            ),
            drawer: $teacher->role->teaches() ? DrawerWaits::of($kitchen) : null,
            unread: UnreadLab::all($sections->filter(static fn (Section $one): bool => Gate::forUser($teacher)->allows('run', $one))),
        );
    }
}
