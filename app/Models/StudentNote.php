<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What a teacher wants to remember of a student. Only the class's teachers see it.
 *
 * @property int $student_id
 * @property int $teacher_id
 * @property string $text
 */
final class StudentNote extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'student_id';

    protected $table = 'student_notes';

    protected $guarded = [];
}
