<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\Lab\RunningTimer;
use App\Http\Views\Person;
use App\Http\Views\View;
use App\Labs\LabLog;
use App\Labs\LabWords;
use App\Labs\StationTurns;
use App\Models\Station;
use App\Models\Student;
use Hovik\Core\Lab\OtherWay;
use Hovik\Core\Lab\StationState;
use Hovik\Core\Safety\StationChecklist;
use Hovik\Core\Words\DecimalSign;

/** What a student or a station's tablet works by. A line's target is in here only where the class shows it. */
final readonly class StationWork extends View
{
    /**
     * @param  string|null  $ends_at  when the bell rings for its lab, `10:52`
     * @param  'student'|'station'  $kind
     * @param  bool  $rests  the lab that this tablet signed in for was closed; it goes on when that one is opened again
     * @param  list<Person>  $students  who may be measuring: all of a station, or the student alone
     * @param  LabName|null  $lab  null while no lab is open
     * @param  list<OtherWay>  $ways  that may be gone here: the student's own; at a station, what anybody of the class may
     * @param  DecimalSign|null  $decimal  the class's; null: as the device's region writes it
     * @param  bool  $in_between  all that the first of two periods asks for is measured
     * @param  bool  $photos  the school lets stations take pictures
     * @param  bool  $experiment  the class tries something now
     * @param  list<RunningTimer>  $timers
     * @param  list<string>  $dropped  tools by id
     * @param  int  $heard  how much had happened at the station; what the stream tells with a lower one is older
     * @param  list<MeasuringNow>  $measuring  who has which line open, by device
     * @param  list<int>  $order  lines in the order planned for this station
     * @param  list<int>  $todo  lines to measure yet, or again, in the order to take them
     * @param  list<StationScale>  $scales
     * @param  list<StationLine>  $lines
     */
    public function __construct(
        public string $kind,
        public string $name,
        public string $section,
        public int $section_id,
        public bool $rests,
        public ?int $station_id,
        public ?string $station,
        public array $students,
        public ?LabName $lab,
        public ?StationChecks $set_up,
        public ?StationChecks $clean_up,
        public ?string $ends_at,
        public bool $paused,
        public bool $asks_prediction,
        public array $ways,
        public ?DecimalSign $decimal,
        public bool $in_between,
        public ?Gate $gate,
        public bool $help,
        public bool $experiment,
        public bool $photos,
        public array $timers,
        public array $dropped,
        public int $heard,
        public array $measuring,
        public array $order,
        public array $todo,
        public array $scales,
        public array $lines,
    ) {
    }

    /** @param  bool  $rests  the lab that the tablet signed in for was closed */
    public static function of(Student|Station $actor, bool $rests = false): self
    {
        $station = $actor instanceof Station ? $actor : $actor->station;
        $section = $actor->section;
        $lab = $station === null || $rests ? null : $station->labNow();
        // What others have taken from the shelf matters only where something stands on it.
        $frozen = $lab === null ? [] : LabWords::at($lab, $station);
        $log = $lab === null ? null : LabLog::of($lab, LabWords::hasShelf($frozen) ? null : $station);
        $states = $log?->states() ?? [];
        $own = $states[$station->id ?? 0] ?? StationState::after([]);
        $order = $lab->orders[$station->id ?? 0] ?? [];
        $lines = array_column($frozen, 'id');
        $turns = $lab === null ? [] : StationTurns::of($lab)->at($station->id, $station->students, $order === [] ? $lines : $order);
        $ways = self::ways($actor);
        $now = $lab === null ? [] : $lab->nowOf($order === [] ? $lines : $order, array_column($frozen, 'place', 'id'));

        return new self(
            kind: $actor instanceof Station ? 'station' : 'student',
            name: $actor->name,
            section: $section->name,
            section_id: $section->id,
            rests: $rests,
            station_id: $station?->id,
            station: $station?->shownName(),
            students: $actor instanceof Station ? array_values($actor->students->map(Person::of(...))->all()) : [Person::of($actor)],
            lab: $lab === null ? null : new LabName($lab->id, $lab->title, $lab->kind === 'tools'),
            set_up: $station === null || $rests ? null : StationChecks::of($station, StationChecklist::SetUp),
            clean_up: $station === null || $rests ? null : StationChecks::of($station, StationChecklist::CleanUp),
            ends_at: $lab?->hours()->to,
            paused: $lab?->paused_at !== null,
            asks_prediction: $section->asks_prediction,
            ways: $ways,
            decimal: $section->houseRules()->decimalSign() ?? $section->kitchen->school->decimal(),
            in_between: $lab?->isInFirstOfTwo() === true && $own->hasAll($now),
            gate: $lab === null ? null : Gate::of($lab, $own, $lines),
            help: $own->helpSince !== null,
            photos: $section->kitchen->school->photos,
            experiment: $section->experiments()->where('state', 'open')->exists(),
            timers: RunningTimer::all($own),
            dropped: array_keys($own->dropped),
            heard: $own->heard,
            measuring: $station === null ? [] : MeasuringNow::all($own, $station->students),
            order: $order,
            todo: $own->todo($now),
            scales: $lab === null ? [] : StationScale::all($section->kitchen),
            lines: $log === null ? [] : StationLine::all($lab, $station, $frozen, $log, $states, $turns, $ways, $now),
        );
    }

    /** @return list<OtherWay> */
    public static function ways(Student|Station $actor): array
    {
        return $actor instanceof Student ? $actor->otherWays() : $actor->section->otherWays();
    }
}
