<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

use Brick\Math\BigDecimal;

/** A food's weight as the mean of a kitchen's own trials, in one handling. */
final readonly class OwnTrials
{
    /**
     * @param  int  $n  trials that count
     * @param  float  $relativeU  standard uncertainty of the mean over it; of another bag than the one in use, with what packages differ by
     */
    public function __construct(
        public string $ingredient, public Handling $handling, public BigDecimal $gramsPerUsCup, public int $n, public float $relativeU,
    ) {
    }

    /**
     * @param  numeric-string|string  $gramsPerUsCup  as it is stored
     * @param  float  $relativeU  of the mean of the trials
     * @param  bool  $isThisBag  of another bag than the one in use, packages differ again
     */
    public static function of(
        Ingredient $food, ?Handling $handling, string $gramsPerUsCup, int $n, float $relativeU, bool $isThisBag,
    ): self {
        return new self(
            $food->id, $handling ?? $food->referenceHandling, BigDecimal::of($gramsPerUsCup), $n,
            $isThisBag ? $relativeU : hypot($relativeU, $food->cvBatch),
        );
    }
}
