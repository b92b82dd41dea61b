<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Shopping\Pack;

/**
 * How a kitchen buys a food.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $ingredient_id
 * @property string $size  of a pack
 * @property Unit $unit
 * @property string $stock  at hand, in the same unit
 * @property string|null $price  of a pack
 */
final class FoodPack extends Model
{
    protected $table = 'food_packs';

    protected $guarded = [];

    protected $casts = ['unit' => Unit::class];

    public function toCore(Pantry $pantry): Pack
    {
        return Pack::of($this->size, $this->unit, $this->stock, $this->price, $pantry->ingredient($this->ingredient_id), $pantry);
    }
}
