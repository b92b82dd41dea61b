<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;

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
}
