<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** How far two of the things compared are apart: the second's less the first's, with 95 %. */
final readonly class ArmDifference extends View
{
    /** @param  bool  $told  the weighings can tell them apart */
    public function __construct(
        public string $first, public string $second, public float $mean_g, public float $low_g, public float $high_g, public bool $told,
    ) {
    }
}
