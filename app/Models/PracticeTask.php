<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Practice\Aim;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Practice that a teacher has set: what is to be shown, by whom, until when.
 *
 * @property int $id
 * @property int $section_id
 * @property int|null $student_id
 * @property list<string> $aims
 * @property Carbon $due_on
 * @property-read Section $section
 * @property-read Student|null $student
 */
final class PracticeTask extends Model
{
    protected $table = 'practice_tasks';

    protected $guarded = [];

    protected $casts = ['aims' => 'array', 'due_on' => 'date'];

    /** @return BelongsTo<Section, $this> */
    public function section(): BelongsTo
    {
        return $this->belongsTo(Section::class);
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return list<Aim> */
    public function aimed(): array
    {
        return array_map(static fn (string $id): Aim => Aim::named($id), $this->aims);
    }
}
