<?php

declare(strict_types=1);

namespace Hovik\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Hovik\Core\InvalidInput;

/** The chart on the wall: each measure in the smaller ones, exact, and in millilitres. */
final readonly class Equivalents
{
    private const MEASURES = [
        ['1', Unit::Cup], ['3/4', Unit::Cup], ['2/3', Unit::Cup], ['1/2', Unit::Cup], ['1/3', Unit::Cup], ['1/4', Unit::Cup],
        ['1/8', Unit::Cup],
        ['1', Unit::Tablespoon], ['1', Unit::Teaspoon], ['1/2', Unit::Teaspoon], ['1/4', Unit::Teaspoon], ['1/8', Unit::Teaspoon],
    ];

    /**
     * @param  KitchenMeasure|null  $spoons  in tablespoons and teaspoons; null where spoons cannot say it exactly
     * @param  string|null  $teaspoons  the same in teaspoons alone, `48`; null where not whole eighths
     * @param  string|null  $fluidOunces  null in standards without them, or where not a kitchen fraction
     */
    private function __construct(
        public Amount $measure, public ?KitchenMeasure $spoons, public ?string $teaspoons, public ?string $fluidOunces,
        public BigDecimal $ml,
    ) {
    }

    /** @return list<self> largest first */
    public static function of(MeasureStandard $standard): array
    {
        return array_map(static fn (array $row): self => self::row(Amount::of($row[0], $row[1]), $standard), self::MEASURES);
    }

    private static function row(Amount $measure, MeasureStandard $standard): self
    {
        $ml = $measure->inBase($standard);
        $in = static function (Unit $unit) use ($ml, $standard): ?string {
            try {
                $number = $ml->dividedBy($standard->size($unit))->simplified();
            } catch (InvalidInput) {
                return null;
            }

            return KitchenNotation::isKitchenFraction($number) ? KitchenNotation::write($number) : null;
        };
        $spoons = $measure->unit === Unit::Cup ? KitchenMeasure::inSpoons($ml, $standard) : null;

        return new self(
            $measure, $spoons, $in(Unit::Teaspoon), $in(Unit::FluidOunce), BigRational::of($ml)->toScale(1, RoundingMode::HALF_UP),
        );
    }
}
