<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Another teacher of the same kitchen in a class: a co-teacher may do what its teacher may, an aide watches the board.
 *
 * @property int $id
 * @property int $section_id
 * @property int $teacher_id
 * @property string $role
 * @property-read Teacher $teacher
 */
final class Colleague extends Model
{
    public const CO_TEACHER = 'co-teacher';

    public const AIDE = 'aide';

    protected $table = 'colleagues';

    protected $guarded = [];

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }
}
