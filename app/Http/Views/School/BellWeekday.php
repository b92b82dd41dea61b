<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;

/** Which bells a weekday has. */
final readonly class BellWeekday extends View
{
    /**
     * @param  int  $day  1 is Monday, 7 Sunday
     * @param  string  $name  of the list of bells; `*`: it takes the next in turn
     */
    public function __construct(
        public int $day,
        public string $name,
    ) {
    }
}
