<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStoredList;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Diagnosis\KeptCause;

/**
 * What a weighing was said to come from, once and for good.
 *
 * @property string $weighing_id
 * @property Cause|null $cause
 * @property list<KeptCause> $causes  best first
 */
final class Diagnosis extends Model
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $primaryKey = 'weighing_id';

    protected $table = 'diagnoses';

    protected $guarded = [];

    protected $casts = ['cause' => Cause::class, 'causes' => AsStoredList::class.':'.KeptCause::class];

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
