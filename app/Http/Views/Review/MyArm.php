<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** One of the things that a student tries, in the order dealt. */
final readonly class MyArm extends View
{
    /**
     * @param  string  $how  to fill
     * @param  float|null  $grams  that they weighed; null: not yet
     */
    public function __construct(
        public string $arm, public string $name, public string $how, public string $tool, public string $food, public ?float $grams,
    ) {
    }
}
