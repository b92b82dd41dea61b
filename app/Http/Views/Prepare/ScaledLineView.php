<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Recipe\ScaledLine;
use Hovik\Core\Words\Phrase;

/** A line at the factor. */
final readonly class ScaledLineView extends View
{
    /**
     * @param  string  $amount  exact, in the unit of the line
     * @param  string  $measure  as a cook measures it
     * @param  bool  $measurable  false: the measure is the nearest there is
     * @param  float  $rounding_loss_g  what rounding one batch first would have lost
     * @param  float|null  $beaten_g  of a part of an egg
     * @param  list<string>  $working
     */
    public function __construct(
        public string $amount,
        public string $measure,
        public bool $measurable,
        public float $grams,
        public int $decimals,
        public float $rounding_loss_g,
        public ?float $bakers_pct,
        public ?float $beaten_g,
        public string $handling,
        public array $working,
        public ?string $source,
    ) {
    }

    public static function of(ScaledLine $scaled): self
    {
        return new self(
            amount: Said::amount($scaled->amount),
            measure: Said::measure($scaled->measure),
            measurable: $scaled->measure->exact,
            grams: $scaled->grams->toFloat(),
            decimals: ShownGrams::of($scaled->grams)->getScale(),
            rounding_loss_g: $scaled->roundingLoss->toFloat(),
            bakers_pct: $scaled->bakersPercent,
            beaten_g: $scaled->beatenG?->toFloat(),
            handling: Said::phrase(Phrase::of("handling.{$scaled->handling->value}")),
            working: array_map(Said::phrase(...), $scaled->working),
            source: $scaled->source === null ? null : Said::phrase($scaled->line->ingredient->sourced()),
        );
    }
}
