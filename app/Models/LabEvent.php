<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Lab\EventKind;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Something that happened at a station; only ever added, the database refuses changes.
 *
 * @property string $id  ULID made on the device
 * @property int $lab_id
 * @property int $station_id
 * @property int|null $lab_line_id
 * @property int|null $student_id
 * @property int|null $teacher_id
 * @property EventKind $kind
 * @property array<string, string|int> $detail
 * @property Carbon $created_at
 * @property-read string $received_at  by the database's clock, in UTC to the microsecond; set by it
 * @property-read Lab $lab
 */
final class LabEvent extends Model
{
    public const UPDATED_AT = null;

    /** In a query of `weighings`: whether this one was typed wrong and taken back. */
    public const TAKEN_BACK = "EXISTS (SELECT 1 FROM lab_events AS back WHERE back.kind = 'taken-back'"
        .' AND back.lab_line_id = weighings.lab_line_id'
        ." AND back.station_id = weighings.station_id AND JSON_VALUE(back.detail, '$.weighing') = weighings.id)";

    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'lab_events';

    protected $guarded = [];

    protected $casts = ['kind' => EventKind::class, 'detail' => 'array', 'created_at' => 'datetime:Y-m-d H:i:s.v'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<Lab, $this> */
    public function lab(): BelongsTo
    {
        return $this->belongsTo(Lab::class);
    }
}
