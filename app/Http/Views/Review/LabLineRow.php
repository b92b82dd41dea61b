<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use Hovik\Core\Review\Habit;

/** One ingredient of a lab, looked back on. */
final readonly class LabLineRow extends View
{
    /**
     * @param  int  $n  first tries
     * @param  int  $first  of them, Level
     * @param  int  $second  tried again
     * @param  int  $gained  of those, Level then
     * @param  float|null  $bias  % of the target
     * @param  float|null  $spread  % of the target
     * @param  list<LabDot>  $dots
     */
    public function __construct(
        public int $line_id,
        public string $food,
        public string $amount,
        public float $target_g,
        public float $tolerance_g,
        public int $n,
        public int $first,
        public int $second,
        public int $gained,
        public ?float $bias,
        public ?float $spread,
        public Habit $habit,
        public array $dots,
    ) {
    }
}
