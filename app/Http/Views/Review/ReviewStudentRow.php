<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** A line of the class's term. */
final readonly class ReviewStudentRow extends View
{
    /**
     * @param  list<ReviewCell>  $cells  in the order of the page's families
     * @param  int  $scale_slips  weighings with a mistake at the scale: no zero, another unit
     * @param  int  $scale_n  of so many
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?string $station,
        public array $cells,
        public int $scale_slips,
        public int $scale_n,
    ) {
    }
}
