<?php

declare(strict_types=1);

namespace App\Models;

/**
 * The cause a student believed in before comparing.
 *
 * @property string $weighing_id
 * @property string $cause
 */
final class Guess extends Model
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $primaryKey = 'weighing_id';

    protected $table = 'guesses';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
