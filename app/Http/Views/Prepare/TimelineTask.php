<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;

final readonly class TimelineTask extends View
{
    /**
     * @param  int|null  $station  place among the stations; null: all of them
     * @param  string  $what  measure, weigh, or a block
     * @param  int  $waited_s  before it began: for a scale, for the teacher
     * @param  list<string>  $shared  what it holds meanwhile
     */
    public function __construct(
        public ?int $station,
        public string $what,
        public string $name,
        public int $start_s,
        public int $end_s,
        public int $waited_s,
        public array $shared,
    ) {
    }
}
