<?php

declare(strict_types=1);

namespace App\Labs;

use App\Database\OneTrip;
use App\Models\Lab;
use App\Models\Station;
use App\Models\Weighing;
use Hovik\Core\Lab\StationEvent;
use Hovik\Core\Lab\StationState;
use Hovik\Core\Weighing\Verdict;

/** How each station of a lab stands, from its events and weighings in the order in which the server received them. */
final class StationStates
{
    /** @return array<int, StationState> by station id; those where something happened */
    public static function of(LabLog $log): array
    {
        /** @var array<int, list<array{string, StationEvent}>> $all with when each was received */
        $all = [];
        /** @var array<int, int> $corrected */
        $corrected = [];
        foreach ($log->events as $event) {
            $all[$event->station_id][] = [$event->received_at, LabLog::toCore($event)];
        }
        $standIn = array_fill_keys(array_filter(array_column($log->weighings, 'corrects_id'), is_string(...)), true);
        foreach ($log->weighings as $row) {
            if (isset($standIn[$row->id])) {
                $corrected[$row->station_id] = 1 + ($corrected[$row->station_id] ?? 0);
            } else {
                $all[$row->station_id][] = [
                    $row->received_at, StationEvent::weighing($row->line_id, (float) $row->at_s, Verdict::from($row->verdict), $row->id),
                ];
            }
        }

        $states = [];
        foreach ($all as $station => $happened) {
            usort($happened, static fn (array $a, array $b): int => [$a[0], $a[1]->at] <=> [$b[0], $b[1]->at]);
            $states[$station] = StationState::after(array_column($happened, 1), $corrected[$station] ?? 0);
        }

        return $states;
    }

    /** @return list<string> tools, by id, that lay on the floor when this was weighed */
    public static function before(Weighing $weighing): array
    {
        [, $events] = LabLog::queries([$weighing->line->lab_id], [$weighing->station_id]);
        [$happened] = OneTrip::rows($events->where('received_at', '<=', $weighing->received_at ?? '9999-12-31'));

        return array_keys(StationState::after(array_map(LabLog::toCore(...), $happened))->dropped);
    }

    public static function at(Lab $lab, Station $station): StationState
    {
        return LabLog::of($lab, $station)->states()[$station->id] ?? StationState::after([]);
    }
}
