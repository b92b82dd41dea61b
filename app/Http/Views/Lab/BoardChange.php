<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Models\Lab;
use App\Models\Station;
use Hovik\Core\Lab\StationState;

/** What changes of a board when something happens at one station, as its stream tells it: that station whole, with all its weighings. */
final readonly class BoardChange extends View
{
    /** @param  list<BoardWeighing>  $weighings  of the station, by line and attempt */
    public function __construct(
        public BoardStation $station,
        public array $weighings,
        public BoardTotals $totals,
    ) {
    }

    /** @param  list<BoardWeighing>  $weighings  of the station */
    public static function of(Lab $lab, Station $station, StationState $state, array $weighings): self
    {
        return new self(BoardStation::all($lab, [$station->id => $state], $station)[0], $weighings, BoardTotals::stored($lab));
    }
}
