<?php

declare(strict_types=1);

namespace App\Live;

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
use Throwable;

/**
 * Tells boards and stations what happened, and with it what changed ({@see BoardChange}, {@see StationChange}), so that nobody has to
 * ask. However much happened meanwhile, and in however many labs, it is read from the database in the same few trips.
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
            $labs = Lab::query()->with('section')->findMany(array_keys($byLab));
            $stations = Station::query()->with('students')->findMany(array_unique(array_column($happenings, 'station')));
            $logs = LabLog::ofMany(array_keys($byLab), array_values($stations->modelKeys()));
            $totals = BoardTotals::stored(array_keys($byLab));
        } catch (Throwable $fault) {
            report($fault);
            $labs = $stations = new Collection;
            $logs = $totals = [];
        }
        foreach ($byLab as $id => $ofLab) {
            $lab = $labs->find($id);
            if ($lab instanceof Lab) {
                rescue(fn () => $this->tellOf($lab, $ofLab, $stations, $logs[$id], $totals[$id]));
            } else {
                array_walk($ofLab, fn (Happening $one) => $this->publish($one, null));
            }
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
                $one, $lab->section_id, $one->isInWords() || $stand->dropped !== [] ? null : new BoardChange($stand, $of, $totals),
                $one->isInWords() ? null : StationChange::of($lab, $station, $log->states()[$station->id] ?? StationState::after([]), $of),
            );
        }
    }

    /** @param  int|null  $section  null: unknown */
    private function publish(Happening $one, ?int $section, ?BoardChange $ofBoard = null, ?StationChange $ofStation = null): void
    {
        $this->publisher->publish("labs/$one->lab", self::told($one->fact(), $ofBoard));
        $this->publisher->publish(
            $section !== null && $one->kind?->isOnTheShelf() === true ? "sections/$section" : "stations/$one->station",
            self::told($one->fact(), $ofStation),
        );
    }

    /** @param  array<string, int|string|null>  $fact */
    private static function told(array $fact, ?View $change): string
    {
        return json_encode($fact + ['change' => $change], JSON_THROW_ON_ERROR);
    }
}
