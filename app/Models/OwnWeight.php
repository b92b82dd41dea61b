<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\OwnTrials;
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
 * @property string $reason  of one person's figure
 * @property string|null $handling  none: the food's usual one
 * @property int|null $own_standard_id  whose mean it is; null: one person's figure
 * @property int|null $trials  how many it is the mean of
 * @property float|null $relative_u  standard uncertainty of that mean over it
 * @property Carbon $updated_at
 * @property-read Teacher $teacher
 * @property-read OwnStandard|null $standard
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

    /** @return BelongsTo<OwnStandard, $this> */
    public function standard(): BelongsTo
    {
        return $this->belongsTo(OwnStandard::class, 'own_standard_id');
    }

    /**
     * As the mean of trials; null where it is one person's figure. Of another bag than the one in use, packages differ again.
     *
     * @param  int|null  $bag  in use
     */
    public function fromTrials(Ingredient $food, ?int $bag): ?OwnTrials
    {
        if ($this->trials === null || $this->relative_u === null || $this->g_per_us_cup === null) {
            return null;
        }

        return OwnTrials::of(
            $food, Handling::tryFrom($this->handling ?? ''), $this->g_per_us_cup, $this->trials, $this->relative_u,
            $bag === $this->standard?->bag_id,
        );
    }
}
