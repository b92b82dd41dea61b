<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** A student in an experiment. */
final readonly class ExperimentStudent extends View
{
    /**
     * @param  list<string>  $order  of the things compared, as it was dealt
     * @param  list<ArmGrams>  $grams
     */
    public function __construct(
        public int $id, public string $name, public ?string $station, public array $order, public array $grams,
    ) {
    }
}
