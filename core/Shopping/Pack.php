<?php

declare(strict_types=1);

namespace Hovik\Core\Shopping;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** How a kitchen buys a food: a 2 kg bag, a litre, a dozen; what it has of it, and what a pack costs. */
final readonly class Pack
{
    /** In which packs are sold. */
    public const UNITS = [
        Unit::Gram, Unit::Kilogram, Unit::Ounce, Unit::Pound, Unit::Millilitre, Unit::Litre, Unit::FluidOunce, Unit::Quart, Unit::Gallon,
        Unit::Piece,
    ];

    /**
     * @param  BigRational  $grams  in a pack, above 0
     * @param  BigRational  $stockG  at hand, 0 or more
     * @param  BigDecimal|null  $price  of a pack, in whatever money; null where nobody typed it
     */
    private function __construct(public BigRational $grams, public BigRational $stockG, public ?BigDecimal $price)
    {
    }

    /**
     * @param  string  $size  of a pack, as typed
     * @param  string  $stock  at hand, in the same unit
     *
     * @throws InvalidInput at `size`, `unit`, `stock` or `price`
     */
    public static function of(string $size, Unit $unit, string $stock, ?string $price, Ingredient $food, Pantry $pantry): self
    {
        if (! in_array($unit, self::UNITS, true)) {
            throw InvalidInput::because('unit', Phrase::of('refusal.answer-choice'));
        }
        try {
            // What is bought is bought by law's measures: a quart is a quart whatever cup the class fills.
            $each = Conversion::toGrams(Amount::of('1', $unit), $food, MeasureStandard::UsCustomary, $pantry)->exact;
        } catch (InvalidInput $senseless) {
            throw InvalidInput::because('unit', $senseless->phrase);
        }
        $stocked = KitchenNotation::read($stock, 'stock');
        $cost = $price === null ? null : KitchenNotation::read($price, 'price');
        foreach (['stock' => $stocked, 'price' => $cost] as $field => $number) {
            if ($number !== null && ($number->isNegative() || ! ($number->isZero() || Amount::isSane($number)))) {
                throw InvalidInput::because($field, Phrase::of('refusal.range', ['least' => 0, 'most' => 1000000]));
            }
        }

        return new self(
            $each->multipliedBy(Amount::of($size, $unit, 'size')->number), $each->multipliedBy($stocked),
            $cost?->toScale(2, RoundingMode::HALF_UP),
        );
    }
}
