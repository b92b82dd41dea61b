<?php

declare(strict_types=1);

namespace Hovik\Core\Quantity;

use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Sayable;

/** A number and a unit as a recipe says it, exact: `1 3/4 cup`. */
final readonly class Amount implements Sayable
{
    /** More than a school ever measures; keeps typing slips and attacks out of the arithmetic. */
    private const MOST = 100_000;

    private function __construct(public BigRational $number, public Unit $unit)
    {
    }

    /** Whether a kitchen measures so much of any unit: above zero, and within reason. */
    public static function isSane(BigRational $number): bool
    {
        return $number->isPositive() && ! $number->isGreaterThan(self::MOST);
    }

    /** @throws InvalidInput when not above zero, or beyond any kitchen */
    public static function of(BigRational|string $number, Unit $unit, string $field = 'amount'): self
    {
        $number = is_string($number) ? KitchenNotation::read($number, $field) : $number->simplified();
        if (! $number->isPositive()) {
            throw InvalidInput::because($field, Phrase::of('refusal.more-than-zero'));
        }
        if ($number->isGreaterThan(self::MOST)) {
            throw InvalidInput::because($field, Phrase::of('refusal.too-much'));
        }

        return new self($number, $unit);
    }

    /** @throws InvalidInput when the factor is not above zero */
    public function times(BigRational $factor): self
    {
        if (! $factor->isPositive()) {
            throw InvalidInput::because('factor', Phrase::of('refusal.more-than-zero'));
        }

        return self::of($this->number->multipliedBy($factor), $this->unit);
    }

    /** In the base of its dimension, exact: mL, g or pieces. @throws InvalidInput when the standard gives it no size */
    public function inBase(MeasureStandard $standard): BigRational
    {
        return $this->number->multipliedBy($standard->size($this->unit))->simplified();
    }

    /** @return array{number: string, unit: string} to be stored, exact */
    public function toArray(): array
    {
        return ['number' => KitchenNotation::write($this->number), 'unit' => $this->unit->value];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return self::of($stored->exact('number'), $stored->unit());
    }

    /** `1 3/4 cups`, for people. */
    public function text(): string
    {
        return KitchenNotation::write($this->number).' '.$this->unit->symbol($this->number->isGreaterThan(1));
    }

    public function phrase(): Phrase
    {
        return Phrase::of("unit.{$this->unit->value}", [
            'n' => KitchenNotation::write($this->number),
            'many' => $this->number->isGreaterThan(1) ? 'yes' : 'no',
        ]);
    }
}
