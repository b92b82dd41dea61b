<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Lab\LabState;
use Hovik\Core\Safety\StationChecklist as Kind;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A station's set-up or clean-up, ticked through and recorded once a lab.
 *
 * @property int $id
 * @property int $lab_id
 * @property int $station_id
 * @property int|null $student_id
 * @property Kind $kind
 * @property list<string> $ticked
 * @property Carbon $created_at
 * @property-read Student|null $student
 */
final class StationCheck extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'station_checks';

    protected $guarded = [];

    protected $casts = ['kind' => Kind::class, 'ticked' => 'array', 'created_at' => 'datetime:Y-m-d H:i:s.v'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** The lab that a check is for: a station may set up before its lab is opened that day, and cleans up while it is open. */
    public static function labFor(Station $station, Kind $kind): ?Lab
    {
        $section = $station->section;
        if ($station->labNow() !== null || $kind !== Kind::SetUp) {
            return $station->labNow();
        }
        $today = $section->today();

        return Lab::query()->where('section_id', $section->id)->where('state', LabState::Prepared)->where('archived_at', null)
            ->where('planned_for', $today)->oldest('id')->first();
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }
}
