<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;
use Hovik\Core\Standard\OwnStandard;

/** What trials say. Grams are of one fill of the tool, unless it says: of a US cup. */
final readonly class StandardFound extends View
{
    /**
     * @param  int  $n  that count
     * @param  float  $low_g  95 % sure: from
     * @param  int  $more  trials until it is known to 2 %
     * @param  float  $change_pct  against the figure in use
     */
    public function __construct(
        public int $n,
        public float $mean_g,
        public float $sd_g,
        public float $cv_pct,
        public float $low_g,
        public float $high_g,
        public float $half_g,
        public float $per_cup_g,
        public float $cup_low_g,
        public float $cup_high_g,
        public float $cup_half_g,
        public int $more,
        public float $change_pct,
        public float $change_g,
    ) {
    }

    public static function of(OwnStandard $found, float $inUse): self
    {
        $counted = $found->counted();
        [$low, $high] = $found->interval();

        return new self(
            $counted->n(), $counted->mean(), $counted->sd(), $counted->cvPct() ?? 0.0, $low, $high, $found->halfG(), $found
                ->gramsPerUsCup(),
            $found->perUsCup($low), $found->perUsCup($high), $found->perUsCup($found->halfG()), $found->more(),
            $found->changePct($inUse), $found->changeG($inUse),
        );
    }
}
