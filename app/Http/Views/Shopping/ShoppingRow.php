<?php

declare(strict_types=1);

namespace App\Http\Views\Shopping;

use App\Http\Views\View;
use App\Models\FoodPack;
use App\Models\Lab;
use App\Words\Said;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Shopping\ShoppingLine;

final readonly class ShoppingRow extends View
{
    /**
     * @param  list<string>  $labs  that need it
     * @param  int|null  $pieces  needed, of what is counted
     * @param  string|null  $size  of a pack, as typed; null where nobody said how it is bought
     * @param  int|null  $packs  to buy
     * @param  float|null  $over_g  that will be over
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $labs,
        public ?int $pieces,
        public float $needed_g,
        public int $decimals,
        public float $missing_g,
        public int $missing_decimals,
        public ?string $size,
        public ?Unit $unit,
        public string $stock,
        public ?string $price,
        public ?int $packs,
        public ?float $over_g,
        public int $over_decimals,
        public ?string $cost,
    ) {
    }

    /** @param  list<Lab>  $labs */
    public static function of(ShoppingLine $line, ?FoodPack $pack, array $labs): self
    {
        return new self(
            id: $line->ingredient->id,
            name: Said::ingredient($line->ingredient->id),
            labs: array_map(static fn (int $place): string => $labs[$place]->title, $line->labs),
            pieces: $line->pieces(),
            needed_g: $line->neededG->toFloat(),
            decimals: ShownGrams::of($line->neededG)->getScale(),
            missing_g: $line->missingG->toFloat(),
            missing_decimals: ShownGrams::of($line->missingG)->getScale(),
            size: $pack?->size,
            unit: $pack?->unit,
            stock: $pack->stock ?? '0',
            price: $pack?->price,
            packs: $line->packs,
            over_g: $line->overG?->toFloat(),
            over_decimals: $line->overG === null ? 0 : ShownGrams::of($line->overG)->getScale(),
            cost: $line->cost === null ? null : (string) $line->cost,
        );
    }
}
