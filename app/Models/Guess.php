<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Diagnosis\Cause;

/**
 * The cause a student believed in before comparing.
 *
 * @property string $weighing_id
 * @property Cause $cause
 */
final class Guess extends Model
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $primaryKey = 'weighing_id';

    protected $table = 'guesses';

    protected $guarded = [];

    protected $casts = ['cause' => Cause::class];

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
