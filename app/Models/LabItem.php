<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsAmount;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Plan\PlannedLine;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Weighing\Strictness;

/**
 * What a lab asks for, before it is opened: an amount of an ingredient a station.
 *
 * @property int $id
 * @property int $position
 * @property string $ingredient_id
 * @property Amount $amount  of the columns amount and unit
 * @property Strictness $strictness
 * @property string|null $text
 * @property bool $shared  stands on the common shelf
 * @property HouseMethod|null $method  that the recipe's own words ask for
 * @property float|null $tolerance_pct  the teacher's own, % of the target
 * @property MeasuringMode $mode
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

    /**
     * As this class would plan it now.
     *
     * @param  bool  $isSiftedLater  by the recipe's own words
     */
    public function plan(LinePlanner $planner, bool $isSiftedLater = false): PlannedLine
    {
        return $planner->plan(
            $planner->pantry->ingredient($this->ingredient_id),
            $this->amount,
            $this->strictness,
            $this->method,
            $this->tolerance_pct,
            $this->mode,
            $isSiftedLater,
        );
    }
}
