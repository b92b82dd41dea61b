<?php

declare(strict_types=1);

namespace App\Live;

use App\Database\OneTrip;
use App\Http\Views\Lab\BoardChange;
use App\Http\Views\Lab\BoardStation;
use App\Http\Views\Lab\BoardTotals;
use App\Http\Views\Lab\BoardWeighing;
use App\Http\Views\View;
use App\Http\Views\Weigh\StationChange;
use App\Labs\LabLog;
use App\Models\Lab;
use App\Models\Station;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Lab\StationState;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Tells boards and stations what happened, and with it what changed ({@see BoardChange}, {@see StationChange}), so that nobody has to
 * ask. However much happened meanwhile, and in however many labs, it is read from the database in one trip.
 */
final readonly class Telling
{
    public function __construct(private Publisher $publisher)
    {
    }

    /** @param  list<Happening>  $happenings  in the order in which they came */
    public function tell(array $happenings): void
    {
        $byLab = [];
        foreach ($happenings as $one) {
            $byLab[$one->lab][] = $one;
        }
        try {
            $this->tellWithChanges($byLab, array_values(array_unique(array_column($happenings, 'station'))));
        } catch (Throwable $fault) {
            report($fault);
            // What changed is not to be had: whoever hears of it asks.
            array_walk($happenings, fn (Happening $one) => $this->publish($one));
        }
    }

    /**
     * @param  array<int, list<Happening>>  $byLab
     * @param  list<int>  $at  ids of their stations
     */
    private function tellWithChanges(array $byLab, array $at): void
    {
        $ids = array_keys($byLab);
        [$labs, $stations, $weighed, $events, $ticked, $cells, $takenBack] = OneTrip::rows(
            Lab::withSchool(DB::table('labs')->whereIn('labs.id', $ids)),
            Station::withStudents(DB::table('stations')->whereIn('stations.id', $at)),
            ...LabLog::queries($ids, $at), ...BoardTotals::queries($ids),
        );
        $stations = Station::seated($stations);
        $logs = LabLog::fromRows($ids, $weighed, $events, $ticked);
        $totals = BoardTotals::fromRows($ids, $cells, $takenBack);
        foreach (Lab::ofSchool($labs) as $lab) {
            $this->tellOf($lab, $byLab[$lab->id], $stations, $logs[$lab->id], $totals[$lab->id]);
        }
    }

    /** What happened in labs that are open is unknown: whoever listens asks. */
    public function tellToAsk(): void
    {
        foreach (Lab::query()->where('state', LabState::Open)->get(['id', 'section_id']) as $lab) {
            foreach (["labs/$lab->id", "sections/$lab->section_id"] as $channel) {
                $this->publisher->publish($channel, self::told(['what' => 'happened'], null));
            }
        }
    }

    /**
     * @param  list<Happening>  $happenings  in this lab
     * @param  Collection<int, Station>  $stations  of this lab, and of others
     */
    private function tellOf(Lab $lab, array $happenings, Collection $stations, LabLog $log, BoardTotals $totals): void
    {
        $stands = array_column(BoardStation::all($lab, $log, $stations->only(array_column($happenings, 'station'))), null, 'id');
        $weighings = [];
        foreach ($happenings as $one) {
            $station = $stations->find($one->station);
            if (! $station instanceof Station) {
                continue; // taken out meanwhile
            }
            app()->setLocale($one->locale);
            $of = $weighings[$station->id] ??= BoardWeighing::all($log->at($station->id), $lab);
            $stand = $stands[$station->id];
            $this->publish(
                $one, $one->isInWords() || $stand->dropped !== [] ? null : new BoardChange($stand, $of, $totals),
                $one->isInWords() ? null : StationChange::of($lab, $station, $log->states()[$station->id] ?? StationState::after([]), $of),
            );
        }
    }

    private function publish(Happening $one, ?BoardChange $ofBoard = null, ?StationChange $ofStation = null): void
    {
        $this->publisher->publish("labs/$one->lab", self::told($one->fact(), $ofBoard));
        // What stands on the shared shelf concerns all stations.
        $this->publisher->publish(
            $one->kind?->isOnTheShelf() === true ? "sections/$one->section" : "stations/$one->station",
            self::told($one->fact(), $ofStation),
        );
    }

    /** @param  array<string, int|string|null>  $fact */
    private static function told(array $fact, ?View $change): string
    {
        return json_encode($fact + ['change' => $change], JSON_THROW_ON_ERROR);
    }
}
