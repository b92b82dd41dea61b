<?php

declare(strict_types=1);

namespace App\Labs;

use App\Http\Views\Review\LabPeg;
use App\Models\Lab;
use App\Models\Station;
use App\Words\Said;
use Hovik\Core\Lab\EventKind;
use Hovik\Core\Review\StuckTime;
use Illuminate\Support\Facades\DB;
use stdClass;

/** A lab on its minute line: what happened at each station, and when. */
final class LabTimeline
{
    /** What is no news on a line of minutes. */
    private const QUIET = [EventKind::Measuring, EventKind::NotMeasuring, EventKind::Seen, EventKind::Emptied, EventKind::Note];

    /** Minutes from opening to closing; to the last weighing where it was left open. */
    public static function minutes(Lab $lab): int
    {
        return $lab->opened_at === null ? 0 : StuckTime::minute(
            (float) $lab->opened_at->getTimestamp(), (float) ($lab->closed_at ?? $lab->opened_at)->getTimestamp(),
        );
    }

    /** @return list<array{station: Station, stuck: int, released: int|null, pegs: list<LabPeg>}> stations where something happened */
    public static function of(Lab $lab): array
    {
        $opened = (float) ($lab->opened_at?->getTimestamp() ?? 0);
        $happened = [];
        foreach (DB::table('weighings')->join('lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id')
            ->where('lab_lines.lab_id', $lab->id)
            ->get(['station_id', 'ingredient_id', 'verdict', DB::raw('UNIX_TIMESTAMP(weighings.created_at) AS at_s')]) as $row) {
            /** @var stdClass $row */
            $happened[$row->station_id][] = [(float) $row->at_s, 'weighed', $row->ingredient_id, $row->verdict, true];
        }
        foreach ($lab->events()->get() as $event) {
            if (in_array($event->kind, self::QUIET, true)) {
                continue;
            }
            $happened[$event->station_id][] = [
                (float) $event->created_at->format('U.v'), $event->kind->value, null, null, $event->kind->isForStations(),
            ];
        }
        $lanes = [];
        foreach ($lab->stations()->get() as $station) {
            $all = $happened[$station->id] ?? [];
            usort($all, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            if ($all === []) {
                continue;
            }
            $released = array_values(array_filter(
                $all, static fn (array $one): bool => $one[1] === EventKind::Released->value,
            ))[0][0] ?? null;
            $signs = array_values(array_map(static fn (array $one): float => $one[0], array_filter(
                $all, static fn (array $one): bool => $one[4] && ($released === null || $one[0] <= $released),
            )));
            $lanes[] = [
                'station' => $station, 'stuck' => StuckTime::minutes($signs),
                'released' => $released === null ? null : StuckTime::minute($opened, $released),
                'pegs' => array_map(static fn (array $one): LabPeg => new LabPeg(
                    StuckTime::minute($opened, $one[0]), $one[1], $one[2] === null ? null : Said::ingredient($one[2]), $one[3],
                ), $all),
            ];
        }

        return $lanes;
    }
}
