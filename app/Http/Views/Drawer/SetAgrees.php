<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Http\Views\View;
use Hovik\Core\Calibration\SetCheck;

/** Whether small measures of a set add up to a large one. */
final readonly class SetAgrees extends View
{
    /** @param  float  $apart_pct  what the small ones hold more than the large one */
    public function __construct(
        public string $small, public string $large, public int $times, public float $smalls_ml, public float $large_ml,
        public float $apart_pct, public bool $agrees, public ?string $place,
    ) {
    }

    public static function of(SetCheck $check): self
    {
        return new self(
            $check->small, $check->large, $check->times, $check->smallsMl(), $check->largeMl, $check->apartPct(),
            $check->agrees(), $check->set,
        );
    }
}
