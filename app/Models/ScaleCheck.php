<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * A scale against a known weight, at the start of a lab.
 *
 * @property int $id
 * @property int $scale_id
 * @property int|null $teacher_id
 * @property string $nominal_g
 * @property string $reading_g
 * @property bool $passed
 * @property Carbon $day
 */
final class ScaleCheck extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'scale_checks';

    protected $guarded = [];

    protected $casts = ['passed' => 'boolean', 'day' => 'date'];

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
