<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What one student weighed in an experiment, of one of the things compared. Its id is a ULID made on the device.
 *
 * @property string $id
 * @property int $experiment_id
 * @property int $student_id
 * @property string $arm
 * @property string $grams
 * @property int|null $scale_id
 * @property-read Student $student
 */
final class ExperimentWeighing extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'experiment_weighings';

    protected $guarded = [];

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }
}
