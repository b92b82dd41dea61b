<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStored;
use Hovik\Core\Review\Competency as CoreCompetency;

/**
 * A skill of the school's own list, as its own words have it.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property int $position
 * @property string $code
 * @property string $text
 * @property CoreCompetency $asks
 */
final class Competency extends Model
{
    protected $table = 'competencies';

    protected $guarded = [];

    protected $casts = ['asks' => AsStored::class.':'.CoreCompetency::class];
}
