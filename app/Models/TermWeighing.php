<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * What a weighing says of the hand that measured it. Made from what was weighed, and made anew when that changes: nothing is told by it
 * that is not stored elsewhere.
 *
 * @property string $weighing_id
 * @property int $section_id
 * @property int $lab_id
 * @property int $lab_line_id
 * @property int $student_id
 * @property string $family
 * @property string $ingredient_id
 * @property int $nth
 * @property bool $is_best
 * @property string $verdict
 * @property string $bag
 * @property string|null $tool
 * @property float $share
 * @property float $careful
 * @property float $tolerance
 * @property float $known
 * @property Carbon $weighed_at
 */
final class TermWeighing extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $primaryKey = 'weighing_id';

    protected $table = 'term_weighings';

    protected $guarded = [];

    protected $casts = ['is_best' => 'boolean', 'weighed_at' => 'datetime'];
}
