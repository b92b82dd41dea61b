<?php

declare(strict_types=1);

namespace Hovik\Core\Standard;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Statistics\Sample;
use Hovik\Core\Words\Phrase;

/**
 * What a kitchen's own food weighs: the same tool, filled carefully in the same way, weighed several times (the craft's page, section 10).
 */
final readonly class OwnStandard
{
    /** Counted trials without which it says nothing. */
    private const LEAST = 3;

    /** % of the mean to which it should be known. */
    public const WANTED_PCT = 2.0;

    /**
     * @param  Sample  $trials  g, all of them, in the order in which they were weighed
     * @param  list<int>  $leftOut  by place: somebody decided so
     * @param  BigRational  $ml  that each trial holds
     */
    private function __construct(public Sample $trials, public array $leftOut, public BigRational $ml)
    {
    }

    /**
     * @param  list<int>  $leftOut
     *
     * @throws InvalidInput when a weight is not above 0, the measure holds nothing, or too few trials count
     */
    public static function of(Sample $trials, BigRational $ml, array $leftOut = []): self
    {
        foreach ($trials->readings as $i => $grams) {
            if ($grams <= 0) {
                throw InvalidInput::because("readings_g.$i", Phrase::of('refusal.above-zero'));
            }
        }
        if (! $ml->isPositive()) {
            throw InvalidInput::because('volume_ml', Phrase::of('refusal.above-zero'));
        }
        $own = new self($trials, array_values(array_intersect(array_keys($trials->readings), $leftOut)), $ml);
        if (self::missing($trials->n() - count($own->leftOut)) > 0) {
            throw InvalidInput::because('readings_g', Phrase::of('refusal.readings', ['least' => self::LEAST]));
        }

        return $own;
    }

    /** How many trials more before it says anything, with so many that count. */
    public static function missing(int $counted): int
    {
        return max(0, self::LEAST - $counted);
    }

    /**
     * Trials of one tool, filled to its rim; at its true size where that is known.
     *
     * @param  list<int>  $leftOut
     *
     * @throws InvalidInput
     */
    public static function ofTool(Sample $trials, Tool $tool, array $leftOut = []): self
    {
        $ml = $tool->trueMl === null ? $tool->nominalMl : BigDecimal::of(sprintf('%.4F', $tool->trueMl))->toBigRational();

        return self::of($trials, $ml, $leftOut);
    }

    /**
     * Between which the mean of one fill lies with 95 %, g.
     *
     * @return array{float, float}
     */
    public function interval(): array
    {
        return $this->counted()->interval() ?? [$this->counted()->mean(), $this->counted()->mean()];
    }

    /** Half of that: give or take, g. */
    public function halfG(): float
    {
        [$low, $high] = $this->interval();

        return ($high - $low) / 2;
    }

    /** What so many g of one fill are of a US cup, g. */
    public function perUsCup(float $grams): float
    {
        return $grams * MeasureStandard::UsCustomary->sizeAbout(Unit::Cup) / $this->ml->toFloat();
    }

    /** How much a trial is over the mean of those that count, g; below 0: under it. */
    public function overG(Trial $trial): float
    {
        return $trial->grams - $this->counted()->mean();
    }

    /** Those that count. */
    public function counted(): Sample
    {
        return $this->trials->without($this->leftOut);
    }

    /** @return list<int> by place: those that lie oddly, whether they count or not */
    public function outliers(): array
    {
        return $this->trials->outliers();
    }

    /** g in a US cup, as far as the readings tell; not rounded. */
    public function gramsPerUsCup(): float
    {
        return $this->perUsCup($this->counted()->mean());
    }

    /** How many more trials like these until it is known to {@see WANTED_PCT}. */
    public function more(): int
    {
        return $this->counted()->moreFor(self::WANTED_PCT) ?? 0;
    }

    /** g in a US cup, exact as it is stored: to a thousandth. */
    public function figure(): BigDecimal
    {
        return BigDecimal::of(sprintf('%.3F', $this->gramsPerUsCup()));
    }

    /**
     * Standard uncertainty of that figure over it: of the mean of the trials, and of the tool they were filled with.
     *
     * @param  float  $toolU  relative
     */
    public function relativeU(float $toolU): float
    {
        return hypot($this->counted()->se() / $this->counted()->mean(), $toolU);
    }

    /** How much more (or less) than another figure it says, g a US cup. */
    public function changeG(float $gramsPerUsCup): float
    {
        return $this->gramsPerUsCup() - $gramsPerUsCup;
    }

    /** How much more (or less) than another figure it says, %. */
    public function changePct(float $gramsPerUsCup): float
    {
        return 100 * ($this->gramsPerUsCup() / $gramsPerUsCup - 1);
    }

    /** g in a US cup by a packet's serving: so many grams are so many mL. */
    public static function ofServing(float $grams, BigRational $ml): float
    {
        return $grams * MeasureStandard::UsCustomary->sizeAbout(Unit::Cup) / $ml->toFloat();
    }
}
