<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Bake\Fault;

/**
 * One way in which a station's bake did not come out as it should.
 *
 * @property int $id
 * @property int $lab_id
 * @property int $station_id
 * @property Fault $fault
 */
final class Bake extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'bakes';

    protected $guarded = [];

    protected $casts = ['fault' => Fault::class];

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
