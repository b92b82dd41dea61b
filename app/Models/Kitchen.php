<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\KitchenFactory;
use Hovik\Core\Drawer\Tool as MeasuringTool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Pantry\NewIngredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\MeasureStandard;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One school room: it owns the tools and scales that its sections use.
 *
 * @property int $id
 * @property int $school_id
 * @property string $name
 * @property array<string, string>|null $meanings  which food a word that stands for several means here
 * @property-read Collection<int, Recipe> $recipes
 * @property-read School $school
 * @property-read Collection<int, Tool> $tools
 * @property-read Collection<int, Scale> $scales
 * @property-read Collection<int, OwnWeight> $ownWeights
 * @property-read Collection<int, OwnIngredient> $ownIngredients
 */
final class Kitchen extends Model
{
    /** @use HasFactory<KitchenFactory> */
    use HasFactory;

    protected $table = 'kitchens';

    protected $guarded = [];

    protected $casts = ['meanings' => 'array'];

    /** @return BelongsTo<School, $this> */
    public function school(): BelongsTo
    {
        return $this->belongsTo(School::class);
    }

    /** @return HasMany<Recipe, $this> */
    public function recipes(): HasMany
    {
        return $this->hasMany(Recipe::class);
    }

    /** @return HasMany<Tool, $this> */
    public function tools(): HasMany
    {
        return $this->hasMany(Tool::class);
    }

    /** @return HasMany<Scale, $this> */
    public function scales(): HasMany
    {
        return $this->hasMany(Scale::class)->orderBy('id');
    }

    /** @return HasMany<OwnWeight, $this> */
    public function ownWeights(): HasMany
    {
        return $this->hasMany(OwnWeight::class);
    }

    /** @return HasMany<OwnWording, $this> what it says in words of its own */
    public function ownWordings(): HasMany
    {
        return $this->hasMany(OwnWording::class);
    }

    /** @return HasMany<OwnIngredient, $this> */
    public function ownIngredients(): HasMany
    {
        return $this->hasMany(OwnIngredient::class);
    }

    /** The reference, with this kitchen's own weights laid over it. */
    public function pantry(): Pantry
    {
        return Pantry::reference()->adding(
            array_values($this->ownIngredients->map(fn (OwnIngredient $own): NewIngredient => $own->toCore())->all()),
        )->with($this->ownWeights->mapWithKeys(fn (OwnWeight $own): array => [
            $own->ingredient_id => ['g_per_us_cup' => $own->g_per_us_cup, 'g_per_piece' => $own->g_per_piece],
        ])->all())->meaning($this->meanings ?? []);
    }

    /** @return list<MeasuringTool> as the planner wants them */
    public function drawer(MeasureStandard $standard): array
    {
        return array_values(array_filter($this->tools->map(
            fn (Tool $tool): ?MeasuringTool => ToolCatalogue::owned(
                $tool->catalogue_id, $standard, $tool->true_ml === null ? null : (float) $tool->true_ml,
                $tool->count, $tool->retired, $tool->in_set, $tool->worn,
            ),
        )->all()));
    }

    /** @return Collection<int, Scale> those in order */
    public function workingScales(): Collection
    {
        return $this->scales->where('out_of_order', false)->values();
    }
}
