<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\LabEvent;
use App\Models\Station;
use App\Models\Weighing;
use Hovik\Core\Lab\StationEvent;
use Hovik\Core\Lab\StationState;
use Hovik\Core\Weighing\Verdict;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** How each station of a lab stands, from its events and weighings in the order in which they were stored. */
final class StationStates
{
    /**
     * @param  Collection<int, stdClass>|null  $weighings  station_id, line_id, verdict, at_s (s since 1970), of those that count;
     *   where they are at hand already
     * @return array<int, StationState> by station id; those where something happened
     */
    public static function of(Lab $lab, ?Station $only = null, ?Collection $weighings = null): array
    {
        $events = $lab->events();
        if ($only !== null) {
            $events->where('station_id', $only->id);
        }
        $weighings ??= DB::table('weighings')->join(
            'lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id',
        )->where('lab_lines.lab_id', $lab->id)
            ->when($only, fn ($query) => $query->where('weighings.station_id', $only?->id))
            ->whereNotExists(
                fn ($query) => $query->select(DB::raw(1))->from('weighings as later')->whereColumn('later.corrects_id', 'weighings.id'),
            )
            ->orderBy('weighings.created_at')->get(
                [
                    'weighings.station_id', 'weighings.lab_line_id as line_id', 'weighings.verdict',
                    DB::raw('UNIX_TIMESTAMP(weighings.created_at) AS at_s'),
                ],
            );
        /** @var array<int, list<StationEvent>> $all */
        $all = [];
        foreach ($events->get() as $event) {
            $all[$event->station_id][] = $event->toCore();
        }
        foreach ($weighings as $row) {
            /** @var stdClass $row */
            $all[$row->station_id][] = StationEvent::weighing($row->line_id, (float) $row->at_s, Verdict::from($row->verdict));
        }

        $states = [];
        foreach ($all as $station => $happened) {
            usort($happened, static fn (StationEvent $a, StationEvent $b): int => $a->at <=> $b->at);
            $states[$station] = StationState::after($happened);
        }

        return $states;
    }

    /** @return list<string> tools, by id, that lay on the floor when this was weighed */
    public static function before(Weighing $weighing): array
    {
        $happened = $weighing->line->lab->events()->where('station_id', $weighing->station_id)
            ->where('created_at', '<=', $weighing->created_at->format('Y-m-d H:i:s.v'))->get();

        return array_keys(
            StationState::after(array_values($happened->map(fn (LabEvent $event): StationEvent => $event->toCore())->all()))->dropped,
        );
    }

    public static function at(Lab $lab, Station $station): StationState
    {
        return self::of($lab, $station)[$station->id] ?? StationState::after([]);
    }
}
