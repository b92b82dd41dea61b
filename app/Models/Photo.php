<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A picture of something measured: hands and food, no faces. Small, and without where or by what it was taken. Its id is a ULID made on the
 * device. Kept in the database, so that backup and erasing have it with the rest.
 *
 * @property string $id
 * @property int $section_id
 * @property int $lab_line_id
 * @property int $station_id
 * @property int|null $student_id
 * @property string $jpeg
 * @property Carbon $created_at
 * @property-read LabLine $line
 * @property-read Student|null $student
 */
final class Photo extends Model
{
    /** All but the picture itself. */
    public const TOLD = ['id', 'section_id', 'lab_line_id', 'station_id', 'student_id', 'created_at'];

    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'photos';

    protected $guarded = [];

    protected $hidden = ['jpeg'];

    /** @return BelongsTo<LabLine, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(LabLine::class, 'lab_line_id');
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }
}
