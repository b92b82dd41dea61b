<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Weighing\Strictness;
use Illuminate\Database\Eloquent\Model;

/**
 * What a lab asks for, before it is opened: an amount of an ingredient a station.
 *
 * @property int $id
 * @property int $position
 * @property string $ingredient_id
 * @property string $amount
 * @property string $unit
 * @property Strictness $strictness
 */
final class LabItem extends Model
{
    protected $guarded = [];

    protected $casts = ['strictness' => Strictness::class];
}
