<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Plan\LinePlan;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Plan\Way;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Weighing\Strictness;

/**
 * What a lab asks for, before it is opened: an amount of an ingredient a station.
 *
 * @property int $id
 * @property int $position
 * @property string $ingredient_id
 * @property string $amount
 * @property string $unit
 * @property Strictness $strictness
 * @property string|null $text
 * @property bool $shared  stands on the common shelf
 * @property string|null $method
 * @property string|null $tolerance_pct
 * @property Way $way
 */
final class LabItem extends Model
{
    protected $table = 'lab_items';

    protected $guarded = [];

    protected $casts = ['shared' => 'boolean', 'strictness' => Strictness::class, 'way' => Way::class];

    /** The method that the recipe's own words ask for. */
    public function askedMethod(): ?HouseMethod
    {
        return $this->method === null ? null : HouseMethod::from($this->method);
    }

    /** The teacher's own tolerance, % of the target. */
    public function tolerance(): ?float
    {
        return $this->tolerance_pct === null ? null : (float) $this->tolerance_pct;
    }

    /** As this class would plan it now. */
    public function plan(LinePlanner $planner): LinePlan
    {
        return $planner->plan(
            $planner->pantry->ingredient($this->ingredient_id),
            Amount::of($this->amount, Unit::named($this->unit)),
            $this->strictness,
            $this->askedMethod(),
            $this->tolerance(),
            $this->way,
        );
    }
}
