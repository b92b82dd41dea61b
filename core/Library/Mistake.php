<?php

declare(strict_types=1);

namespace Hovik\Core\Library;

use Brick\Math\BigDecimal;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Simulator\HandlingChoices;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Verdict;

/** What people do instead, and what it weighs on average. */
final readonly class Mistake
{
    /**
     * @param  float  $grams  mean
     * @param  float  $errorG  against the class's own way, signed
     * @param  Verdict  $leadsTo  of a reading without doubt: Level where the slip is smaller than the tolerance
     * @param  float  $tolerances  the error in tolerances, signed
     * @param  HandlingChoices  $hands  for drawing it
     */
    public function __construct(
        public Cause $cause, public float $grams, public float $errorG, public Verdict $leadsTo, public float $tolerances,
        public HandlingChoices $hands,
    ) {
    }

    /** Grams over or under as a screen shows them: of the two weights as shown, so that they add up. */
    public function shownError(Target $target): BigDecimal
    {
        return ShownGrams::of($this->grams)->minus(ShownGrams::of($target->grams))->abs();
    }
}
