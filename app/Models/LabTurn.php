<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A line that the teacher gave to a student of a station.
 *
 * @property int $id
 * @property int $lab_line_id
 * @property int $station_id
 * @property int $student_id
 */
final class LabTurn extends Model
{
    protected $table = 'lab_turns';

    protected $guarded = [];
}
