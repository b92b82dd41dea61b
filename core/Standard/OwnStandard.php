<?php

declare(strict_types=1);

namespace Hovik\Core\Standard;

use Brick\Math\BigRational;
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
    public const LEAST = 3;

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
        if ($trials->n() - count($own->leftOut) < self::LEAST) {
            throw InvalidInput::because('readings_g', Phrase::of('refusal.readings', ['least' => self::LEAST]));
        }

        return $own;
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
        return $this->counted()->mean() * MeasureStandard::UsCustomary->sizeAbout(Unit::Cup) / $this->ml->toFloat();
    }

    /** How many more trials like these until it is known to {@see WANTED_PCT}. */
    public function more(): int
    {
        return $this->counted()->moreFor(self::WANTED_PCT) ?? 0;
    }
}
