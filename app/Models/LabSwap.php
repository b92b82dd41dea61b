<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseMethod;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What one station measures instead of a line, or that it leaves the line out. No reason is kept.
 *
 * @property int $id
 * @property int $lab_item_id
 * @property int $station_id
 * @property string|null $text  as the teacher wrote it; null where the line is left out
 * @property string|null $ingredient_id
 * @property string|null $amount
 * @property Unit|null $unit
 * @property HouseMethod|null $method
 * @property-read Station $station
 */
final class LabSwap extends Model
{
    protected $table = 'lab_swaps';

    protected $guarded = [];

    protected $casts = ['method' => HouseMethod::class, 'unit' => Unit::class];

    /** @return BelongsTo<Station, $this> */
    public function station(): BelongsTo
    {
        return $this->belongsTo(Station::class);
    }

    /** The line it stands for with this food and amount instead; null where it is left out. */
    public function insteadOf(LabItem $item): ?LabItem
    {
        if ($this->ingredient_id === null || $this->amount === null || $this->unit === null) {
            return null;
        }

        return $item->replicate(['tolerance_pct', 'g_per_us_cup', 'shared'])->fill([
            'position' => $item->position, 'text' => $this->text, 'ingredient_id' => $this->ingredient_id, 'method' => $this->method,
            'amount' => Amount::of($this->amount, $this->unit), 'shared' => false, 'tolerance_pct' => null, 'g_per_us_cup' => null,
        ]);
    }
}
