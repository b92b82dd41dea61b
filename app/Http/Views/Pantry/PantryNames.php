<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\Named;
use App\Http\Views\View;
use App\Models\Kitchen;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\FoodNames;
use Hovik\Core\Words\Phrase;

/** Every food and unit to choose from. */
final readonly class PantryNames extends View
{
    /**
     * @param  list<NamedFood>  $ingredients
     * @param  list<Named>  $units
     * @param  list<UsualWeight>  $usual  by family
     */
    public function __construct(
        public array $ingredients,
        public array $units,
        public array $usual,
    ) {
    }

    public static function of(Kitchen $kitchen): self
    {
        $pantry = $kitchen->pantry();
        $called = FoodNames::everyLanguage($pantry);
        $names = array_map(static fn (string $id): NamedFood => new NamedFood($id, Said::ingredient($id), $called[$id]), $pantry->ids());
        usort($names, static fn (NamedFood $a, NamedFood $b): int => strcoll($a->name, $b->name));
        $units = array_filter(Unit::cases(), static fn (Unit $unit): bool => $unit->dimension() !== Dimension::Ambiguous);

        $usual = array_map(static fn (Family $one): UsualWeight => new UsualWeight($one, $pantry->usualGrams($one)), Family::cases());

        return new self($names, array_values(array_map(self::unit(...), $units)), $usual);
    }

    private static function unit(Unit $unit): Named
    {
        $name = $unit === Unit::Piece
            ? Said::phrase(Phrase::of('unit.pieces'))
            : trim(str_replace('1', '', Said::phrase(Phrase::of("unit.$unit->value", ['n' => '1', 'many' => 'no']))));

        return new Named($unit->value, $name);
    }
}
