<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStored;
use Hovik\Core\Marks\MarkSheet;
use Hovik\Core\Marks\Told;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A student's mark in a lab: what the teacher said, and once accepted the sheet as it was then. It never changes by itself.
 *
 * @property int $id
 * @property int $lab_id
 * @property int $student_id
 * @property Told $told
 * @property MarkSheet|null $sheet
 * @property int|null $score
 * @property int|null $teacher_id  who accepted it
 * @property Carbon|null $accepted_at
 * @property-read Lab $lab
 * @property-read Student $student
 */
final class Mark extends Model
{
    protected $table = 'marks';

    protected $guarded = [];

    protected $casts = [
        'told' => AsStored::class.':'.Told::class, 'sheet' => AsStored::class.':'.MarkSheet::class, 'accepted_at' => 'datetime',
    ];

    /** @return BelongsTo<Lab, $this> */
    public function lab(): BelongsTo
    {
        return $this->belongsTo(Lab::class);
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }
}
