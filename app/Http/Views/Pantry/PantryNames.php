<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\Named;
use App\Http\Views\View;
use App\Models\Kitchen;
use App\Words\Said;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** Every food and unit to choose from. */
final readonly class PantryNames extends View
{
    /**
     * @param  list<Named>  $ingredients
     * @param  list<Named>  $units
     */
    public function __construct(
        public array $ingredients,
        public array $units,
    ) {
    }

    public static function of(Kitchen $kitchen): self
    {
        $names = array_map(static fn (string $id): Named => new Named($id, Said::ingredient($id)), $kitchen->pantry()->ids());
        usort($names, static fn (Named $a, Named $b): int => strcoll($a->name, $b->name));
        $units = array_filter(Unit::cases(), static fn (Unit $unit): bool => $unit->dimension() !== Dimension::Ambiguous);

        return new self($names, array_values(array_map(self::unit(...), $units)));
    }

    private static function unit(Unit $unit): Named
    {
        $name = $unit === Unit::Piece
            ? Said::phrase(Phrase::of('unit.pieces'))
            : trim(str_replace('1', '', Said::phrase(Phrase::of("unit.$unit->value", ['n' => '1', 'many' => 'no']))));

        return new Named($unit->value, $name);
    }
}
