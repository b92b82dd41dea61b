<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Brick\Math\RoundingMode;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Words\Phrase;

/** What a repeat has brought: how much closer it came than the attempt before. */
final class Gain
{
    /** @return Phrase|null null where it came no closer, or by less than a screen shows */
    public static function of(Target $target, float $beforeG, float $nowG): ?Phrase
    {
        $before = ShownGrams::of(abs($beforeG - $target->grams));
        // As finely as the larger one is told: 40 g off, now 2 g.
        $now = ShownGrams::of(abs($nowG - $target->grams))->toScale($before->getScale(), RoundingMode::HALF_UP);

        return $before->isGreaterThan($now) ? Phrase::of('weighing.gain', ['before' => $before, 'now' => $now]) : null;
    }
}
