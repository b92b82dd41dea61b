<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Quantity\MeasureStandard;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * A kitchen's recipe. What it says is in its versions; the newest counts.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $title
 * @property MeasureStandard|null $standard  whose cups it is written in; null for the class's own
 * @property Carbon|null $archived_at
 * @property-read Kitchen $kitchen
 * @property-read RecipeVersion $newest
 * @property-read Collection<int, RecipeVersion> $versions
 */
final class Recipe extends Model
{
    protected $table = 'recipes';

    protected $guarded = [];

    protected $casts = ['archived_at' => 'datetime', 'standard' => MeasureStandard::class];

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return HasMany<RecipeVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(RecipeVersion::class)->orderByDesc('number');
    }

    /** @return HasOne<RecipeVersion, $this> */
    public function newest(): HasOne
    {
        return $this->hasOne(RecipeVersion::class)->ofMany('number', 'max');
    }
}
