<?php

declare(strict_types=1);

namespace App\Models;

use App\School\Act;
use Illuminate\Support\Carbon;

/**
 * What an adult did. Only ever added; the database refuses changes, and the account the application runs with has no right to them.
 *
 * @property int $id
 * @property int $school_id
 * @property int|null $teacher_id
 * @property string $who  their name then
 * @property Act $act
 * @property array<string, string> $about  what it was about, in words
 * @property Carbon $at
 */
final class LogEntry extends Model
{
    public $timestamps = false;

    protected $table = 'log_entries';

    protected $guarded = [];

    protected $casts = ['act' => Act::class, 'about' => 'array', 'at' => 'datetime'];
}
