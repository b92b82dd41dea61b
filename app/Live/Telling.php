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
use Hovik\Core\Lab\EventKind;
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
        if ($happenings === []) {
            return;
        }
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
        [$labs, $stations, $students, $weighed, $events, $ticked, $cells, $takenBack] = OneTrip::rows(
            Lab::withSchool(DB::table('labs')->whereIn('labs.id', $ids)),
            ...Station::withStudents(DB::table('stations')->whereIn('id', $at), DB::table('students')->whereIn('station_id', $at)),
            ...LabLog::queries($ids, $at), ...BoardTotals::queries($ids),
        );
        $stations = Station::seated($stations, $students);
        $logs = LabLog::fromRows($ids, $weighed, $events, $ticked);
        $totals = BoardTotals::fromRows($ids, $cells, $takenBack);
        foreach (Lab::ofSchool($labs) as $lab) {
            $this->tellOf($lab, $byLab[$lab->id], $stations, $logs[$lab->id], $totals[$lab->id]);
        }
    }

    /**
     * Whether the last things that happened were told is unknown: they are told again, which harms nobody.
     *
     * @param  int  $seconds  before now
     */
    public function tellAgain(int $seconds): void
    {
        $since = now()->subSeconds($seconds);
        $labs = Lab::query()->where('state', LabState::Open)
            ->orWhereIn('id', Station::query()->whereNotNull('makes_up_lab_id')->select('makes_up_lab_id'))
            ->pluck('section_id', 'id')->all();
        $what = [
            ...DB::table('weighings')->join('lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id')->whereIn('lab_id', array_keys($labs))
                ->where('weighings.created_at', '>', $since)->get(['lab_id', 'station_id', DB::raw('NULL AS kind')]),
            ...DB::table('lab_events')->whereIn('lab_id', array_keys($labs))->where('created_at', '>', $since)
                ->get(['lab_id', 'station_id', 'kind']),
        ];
        $happenings = [];
        foreach ($what as $row) {
            $kind = EventKind::tryFrom($row->kind ?? '');
            // A station is told whole, whatever happened; only what is at hand there it has to ask for.
            $kind = $kind?->changesWhatIsAtHand() === true ? $kind : null;
            $one = new Happening($row->lab_id, $labs[$row->lab_id], $row->station_id, $kind, app()->getLocale());
            $happenings[$one->toText()] = $one;
        }
        $this->tell(array_values($happenings));
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
            if (app()->getLocale() !== $one->locale) { // all that know of the language are told of it
                app()->setLocale($one->locale);
            }
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
