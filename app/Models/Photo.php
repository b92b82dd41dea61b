<?php

declare(strict_types=1);

namespace App\Models;

use App\Photos\PictureFiles;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A picture of something measured: hands and food, no faces. Small, and without where or by what it was taken. Its id is a ULID made on the
 * device. The picture itself is a file ({@see PictureFiles}).
 *
 * @property string $id
 * @property int $section_id
 * @property int $lab_line_id
 * @property int $station_id
 * @property int|null $student_id
 * @property Carbon $created_at
 * @property-read LabLine $line
 * @property-read Student|null $student
 */
final class Photo extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'photos';

    protected $guarded = [];

    protected static function booted(): void
    {
        self::deleted(static fn (self $photo) => PictureFiles::disk()->delete($photo->path()));
    }

    public function path(): string
    {
        return PictureFiles::ofPhoto($this->section_id, $this->id);
    }

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
