<?php

declare(strict_types=1);

namespace Hovik\Core\Quantity;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** The units of core/data/units.csv. Their sizes depend on the standard: see {@see MeasureStandard::size()}. */
enum Unit: string
{
    case Cup = 'cup';
    case Tablespoon = 'tbsp';
    case Teaspoon = 'tsp';
    case Dessertspoon = 'dessertspoon';
    case FluidOunce = 'fl-oz';
    case Gill = 'gill';
    case Pint = 'pt';
    case DryPint = 'dry-pt';
    case Quart = 'qt';
    case Gallon = 'gal';
    case Millilitre = 'ml';
    case Centilitre = 'cl';
    case Decilitre = 'dl';
    case Litre = 'l';
    case Pinch = 'pinch';
    case Dash = 'dash';
    case Smidgen = 'smidgen';
    case Drop = 'drop';
    case Ounce = 'oz';
    case Pound = 'lb';
    case Gram = 'g';
    case Kilogram = 'kg';
    case Milligram = 'mg';
    case Stick = 'stick';
    case Piece = 'piece';
    case Dozen = 'dozen';
    case Packet = 'packet';
    case Can = 'can';
    case Handful = 'handful';
    case Knob = 'knob';
    case Part = 'part';

    /** @throws InvalidInput when the id is not one of ours */
    public static function named(string $id, string $field = 'unit'): self
    {
        return self::tryFrom($id) ?? throw InvalidInput::because($field, Phrase::of('refusal.no-such-unit', ['id' => $id]));
    }

    public function dimension(): Dimension
    {
        return Dimension::from(UnitTable::row($this)['dimension']);
    }

    /** True for mL, cL, dL and L: read on a jug's metric column, never turned into cups. */
    public function isMetricVolume(): bool
    {
        return match ($this) {
            self::Millilitre, self::Centilitre, self::Decilitre, self::Litre => true,
            default => false,
        };
    }

    /** How a cook abbreviates it after an amount; only cups take a plural. */
    public function symbol(bool $plural = false): string
    {
        return match ($this) {
            self::Cup => $plural ? 'cups' : 'cup',
            self::FluidOunce => 'fl oz',
            self::Millilitre => 'mL',
            self::Centilitre => 'cL',
            self::Decilitre => 'dL',
            self::Litre => 'L',
            self::DryPint => 'dry pt',
            self::Stick, self::Smidgen, self::Drop, self::Piece, self::Dessertspoon => $this->value.($plural ? 's' : ''),
            self::Pinch, self::Dash => $this->value.($plural ? 'es' : ''),
            default => $this->value,
        };
    }
}
