<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A weight a kitchen uses instead of the reference's, with the reason why.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $ingredient_id
 * @property string|null $g_per_us_cup
 * @property string|null $g_per_piece
 * @property string $reason
 * @property Carbon $updated_at
 * @property-read Teacher $teacher
 */
final class OwnWeight extends Model
{
    protected $table = 'own_weights';

    protected $guarded = [];

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }
}
