<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Safety\SafetyPoint;
use Illuminate\Database\Eloquent\Collection;
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
 * @property Carbon|null $paused_at
 * @property array<string, int>|null $blocks  s of the fixed blocks of its period
 * @property array<int, list<int>>|null $orders  line ids in planned order, by station id
 * @property int|null $recipe_version_id
 * @property string $factor
 * @property int $retry_pct
 * @property Carbon|null $archived_at
 * @property-read Section $section
 * @property-read RecipeVersion|null $recipeVersion
 * @property-read Collection<int, LabItem> $items
 * @property-read Collection<int, LabLine> $lines
 * @property-read Collection<int, StationCheck> $checks
 */
final class Lab extends Model
{
    public const PREPARED = 'prepared';

    public const OPEN = 'open';

    public const CLOSED = 'closed';

    protected $table = 'labs';

    protected $guarded = [];

    protected $casts = ['planned_for' => 'date', 'opened_at' => 'datetime', 'closed_at' => 'datetime', 'paused_at' => 'datetime', 'blocks' => 'array', 'orders' => 'array', 'archived_at' => 'datetime'];

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

    /** @return HasMany<LabEvent, $this> in the order in which they were stored */
    public function events(): HasMany
    {
        return $this->hasMany(LabEvent::class)->orderBy('created_at')->orderBy('id');
    }

    /** @return HasMany<StationCheck, $this> */
    public function checks(): HasMany
    {
        return $this->hasMany(StationCheck::class);
    }

    /** @return Collection<int, StationCheck> those of a station, with who ticked them */
    public function doneAt(Station $station): Collection
    {
        if (! $this->relationLoaded('checks')) {
            $this->setRelation('checks', $this->checks()->with('student')->where('station_id', $station->id)->get());
        }

        return $this->checks;
    }

    /** @return list<string> ids of what its foods may do harm with, each once */
    public function allergens(): array
    {
        $pantry = $this->section->kitchen->pantry();
        $each = $this->items->map(fn (LabItem $item): array => $pantry->ingredient($item->ingredient_id)->allergens)->all();

        return array_values(array_unique(array_merge([], ...$each)));
    }

    /** @return list<SafetyPoint> what its raw foods ask for: not to be tasted */
    public function rawFoods(): array
    {
        $pantry = $this->section->kitchen->pantry();
        $risks = $this->items->map(fn (LabItem $item): ?SafetyPoint => SafetyPoint::tryFrom($pantry->ingredient($item->ingredient_id)->rawRisk));

        return array_values($risks->filter()->unique()->all());
    }

    public function isOpen(): bool
    {
        return $this->state === self::OPEN;
    }
}
