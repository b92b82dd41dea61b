<?php

declare(strict_types=1);

namespace App\Http\Views\Simulator;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Simulator\DrawnScale;
use Hovik\Core\Simulator\SimulatedTry;

/** The drawn scale after what was done, and the verdict where it is asked for. */
final readonly class SimulatedWeighing extends View
{
    public function __construct(
        public bool $on,
        public string $unit,
        public ?float $number,
        public int $decimals,
        public bool $overload,
        public bool $has_bowl,
        public bool $poured,
        public float $contents_ml,
        public float $brim_ml,
        public ?string $note,
        public ?SimulatedResult $result,
    ) {
    }

    public static function of(SimulatedTry $try, DrawnScale $shown): self
    {
        [$contents, $brim] = $try->simulator->contents($try->hands);

        return new self(
            on: $shown->isOn,
            unit: $shown->unit,
            number: $shown->number(),
            decimals: $shown->decimals(),
            overload: $shown->isOverloaded(),
            has_bowl: $shown->hasBowl,
            poured: $shown->isPoured,
            contents_ml: $contents,
            brim_ml: $brim,
            note: $shown->note === null ? null : Said::phrase($shown->note),
            result: $try->isChecked ? SimulatedResult::of($try, $shown) : null,
        );
    }
}
