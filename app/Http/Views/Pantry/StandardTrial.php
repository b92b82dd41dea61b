<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;

/** One trial. */
final readonly class StandardTrial extends View
{
    /**
     * @param  float  $grams  of one fill
     * @param  string|null  $weighing  by id: where it is one of a lab's
     * @param  bool  $odd  it lies oddly, whether it counts or not
     * @param  float  $over_g  over the mean of those that count
     */
    public function __construct(
        public float $grams, public ?string $where, public string $day, public ?string $weighing, public bool $left_out, public bool $odd,
        public float $over_g,
    ) {
    }
}
