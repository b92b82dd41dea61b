<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\Lab\BoardWeighing;
use App\Http\Views\Lab\RunningTimer;
use App\Http\Views\View;
use App\Labs\LabWords;
use App\Models\Lab;
use App\Models\Station;
use Hovik\Core\Lab\StationState;

/**
 * What changes of a station's work while it works, as its stream tells it: the fields of `StationWork`, whole, so that one with a
 * higher `heard` stands for all before it. Nothing in it is said in a language but what people typed.
 */
final readonly class StationChange extends View
{
    /**
     * @param  list<RunningTimer>  $timers
     * @param  list<MeasuringNow>  $measuring
     * @param  list<int>  $todo
     * @param  list<LineChange>  $lines
     */
    public function __construct(
        public int $heard,
        public bool $in_between,
        public bool $ready,
        public bool $can_be_ready,
        public bool $released,
        public bool $help,
        public array $timers,
        public array $measuring,
        public array $todo,
        public array $lines,
    ) {
    }

    /** @param  list<BoardWeighing>  $weighings  of the station */
    public static function of(Lab $lab, Station $station, StationState $state, array $weighings): self
    {
        $places = LabWords::places($lab)->at($station->placeId());
        $lines = array_keys($places);
        $order = $lab->orders[$station->id] ?? $lines;
        $now = $lab->nowOf($order, $places);

        return new self(
            heard: $state->heard,
            in_between: $lab->isInFirstOfTwo() && $state->hasAll($now),
            ready: $state->readySince !== null,
            can_be_ready: ! $lab->isInFirstOfTwo() && $state->hasAll($lines),
            released: $state->isReleased,
            help: $state->helpSince !== null,
            timers: RunningTimer::all($state),
            measuring: MeasuringNow::all($state, $station->students),
            todo: $state->todo($now),
            lines: LineChange::all($lines, $state, Attempt::ofBoard($weighings)),
        );
    }
}
