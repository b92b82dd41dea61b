<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStored;
use Hovik\Core\Calibration\ScaleCheck as FullCheck;
use Hovik\Core\Calibration\ScaleVerdict;
use Illuminate\Support\Carbon;

/**
 * A scale from empty to full, accepted by a teacher. What it found is shown as it was stored.
 *
 * @property int $id
 * @property int $scale_id
 * @property int $teacher_id
 * @property FullCheck $measured
 * @property string $bias_g
 * @property string $span_pct
 * @property string $u_g
 * @property ScaleVerdict $verdict
 * @property Carbon $day
 */
final class ScaleCalibration extends Model
{
    protected $table = 'scale_calibrations';

    protected $guarded = [];

    protected $casts = ['measured' => AsStored::class.':'.FullCheck::class, 'verdict' => ScaleVerdict::class, 'day' => 'date'];
}
