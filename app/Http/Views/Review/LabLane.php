<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** A station on the lab's minute line. */
final readonly class LabLane extends View
{
    /**
     * @param  int  $stuck  minutes in which nothing was heard, beyond five
     * @param  int|null  $released  minute in which it was let mix
     * @param  list<LabPeg>  $pegs
     * @param  list<string>  $faults  how its bake came out, where not as it should
     * @param  list<string>  $suspects  its own weights that may have led there
     */
    public function __construct(
        public int $station_id,
        public string $station,
        public int $stuck,
        public ?int $released,
        public array $pegs,
        public array $faults,
        public array $suspects,
    ) {
    }
}
