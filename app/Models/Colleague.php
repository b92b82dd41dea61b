<?php

declare(strict_types=1);

namespace App\Models;

use App\Classes\ColleagueRole;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Another teacher of the same kitchen in a class: a co-teacher may do what its teacher may, an aide watches the board.
 *
 * @property int $id
 * @property int $section_id
 * @property int $teacher_id
 * @property ColleagueRole $role
 * @property-read Teacher $teacher
 */
final class Colleague extends Model
{
    protected $table = 'colleagues';

    protected $guarded = [];

    protected $casts = ['role' => ColleagueRole::class];

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }
}
