<?php

declare(strict_types=1);

namespace App\Http\Views\Marks;

use App\Http\Views\View;

/** A range of results, and what it is worth. */
final readonly class RubricBand extends View
{
    /**
     * @param  int|null  $to  null: and more
     * @param  int  $score  % of the points
     */
    public function __construct(
        public int $from,
        public ?int $to,
        public int $score,
    ) {
    }
}
