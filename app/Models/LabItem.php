<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsAmount;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Plan\PlannedLine;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Weighing\Strictness;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What a lab asks for, before it is opened: an amount of an ingredient a station.
 *
 * @property int $id
 * @property int $lab_id
 * @property int $position
 * @property string $ingredient_id
 * @property Amount $amount  of the columns amount and unit
 * @property Strictness $strictness
 * @property string|null $text
 * @property bool $shared  stands on the common shelf
 * @property HouseMethod|null $method  that the recipe's own words ask for
 * @property float|null $tolerance_pct  the teacher's own, % of the target
 * @property MeasuringMode $mode
 * @property string|null $g_per_us_cup  the recipe's own weight of a US cup, where it is the one meant
 * @property-read Collection<int, LabSwap> $swaps
 */
final class LabItem extends Model
{
    protected $table = 'lab_items';

    protected $guarded = [];

    protected $casts = [
        'amount' => AsAmount::class,
        'shared' => 'boolean',
        'strictness' => Strictness::class,
        'method' => HouseMethod::class,
        'tolerance_pct' => 'float',
        'mode' => MeasuringMode::class,
    ];

    /** @return HasMany<LabSwap, $this> by station */
    public function swaps(): HasMany
    {
        return $this->hasMany(LabSwap::class)->orderBy('station_id');
    }

    /** As this kitchen knows it, or as the recipe weighs it. */
    public function food(Pantry $pantry): Ingredient
    {
        $food = $pantry->ingredient($this->ingredient_id);

        return $this->g_per_us_cup === null ? $food : $food->weighingACup($this->g_per_us_cup, 'recipe');
    }

    /**
     * As this class would plan it now.
     *
     * @param  bool  $isSiftedLater  by the recipe's own words
     */
    public function plan(LinePlanner $planner, bool $isSiftedLater = false): PlannedLine
    {
        return $planner->plan(
            $this->food($planner->pantry),
            $this->amount,
            $this->strictness,
            $this->method,
            $this->tolerance_pct,
            $this->mode,
            $isSiftedLater,
        );
    }
}
