<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A teacher's own picture of a technique's step.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $step
 * @property string $jpeg
 */
final class StepPicture extends Model
{
    protected $table = 'step_pictures';

    protected $guarded = [];

    protected $hidden = ['jpeg'];
}
