<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStored;
use Hovik\Core\Components\FoundMisses;
use Illuminate\Support\Carbon;

/**
 * Who makes the miss in a lab, or over a class's term, as it was found when a lab closed. People stand in it by number.
 *
 * @property int $id
 * @property int $section_id
 * @property int|null $lab_id  null: the whole term
 * @property string $ingredient_id  none: all foods
 * @property FoundMisses $found
 * @property Carbon $updated_at
 */
final class KeptMisses extends Model
{
    protected $table = 'kept_misses';

    protected $guarded = [];

    protected $casts = ['found' => AsStored::class.':'.FoundMisses::class];
}
