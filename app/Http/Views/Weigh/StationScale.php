<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use App\Models\Kitchen;
use App\Models\Scale;

final readonly class StationScale extends View
{
    /**
     * @param  bool  $checked  today, against a known weight
     * @param  bool  $may_show_ounces  then the unit is asked
     */
    public function __construct(
        public int $id,
        public string $name,
        public float $step,
        public int $decimals,
        public bool $checked,
        public bool $may_show_ounces,
    ) {
    }

    /** @return list<self> */
    public static function all(Kitchen $kitchen): array
    {
        $today = $kitchen->school->today();

        return array_values($kitchen->workingScales()->map(function (Scale $scale) use ($today): self {
            $core = $scale->toCore();

            return new self(
                $scale->id, $scale->name, $core->readabilityG, $core->decimals(), $scale->isCheckedOn($today), $core->mayShowOunces(),
            );
        })->all());
    }
}
