<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A lab: what it asks for (items), and once opened the frozen lines everybody works by.
 *
 * @property int $id
 * @property int $section_id
 * @property string $title
 * @property string $state
 * @property Carbon $planned_for
 * @property Carbon|null $created_at
 * @property Carbon|null $opened_at
 * @property Carbon|null $closed_at
 * @property int|null $recipe_version_id
 * @property string $factor
 * @property int $retry_pct
 * @property Carbon|null $archived_at
 * @property-read Section $section
 * @property-read RecipeVersion|null $recipeVersion
 * @property-read Collection<int, LabItem> $items
 * @property-read Collection<int, LabLine> $lines
 */
final class Lab extends Model
{
    public const PREPARED = 'prepared';

    public const OPEN = 'open';

    public const CLOSED = 'closed';

    protected $guarded = [];

    protected $casts = ['planned_for' => 'date', 'opened_at' => 'datetime', 'closed_at' => 'datetime', 'archived_at' => 'datetime'];

    /** @return BelongsTo<Section, $this> */
    public function section(): BelongsTo
    {
        return $this->belongsTo(Section::class);
    }

    /** @return BelongsTo<RecipeVersion, $this> */
    public function recipeVersion(): BelongsTo
    {
        return $this->belongsTo(RecipeVersion::class);
    }

    /** @return HasMany<LabItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(LabItem::class)->orderBy('position');
    }

    /** @return HasMany<LabLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(LabLine::class)->orderBy('position');
    }

    public function isOpen(): bool
    {
        return $this->state === self::OPEN;
    }
}
