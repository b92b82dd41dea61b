<?php

declare(strict_types=1);

namespace App\Models;

use App\Database\OneTrip;
use Database\Factories\KitchenFactory;
use Hovik\Core\Drawer\OwnTool;
use Hovik\Core\Drawer\StationDrawers;
use Hovik\Core\Drawer\Tool as MeasuringTool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Pantry\NewIngredient;
use Hovik\Core\Pantry\OwnTrials;
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
 * @property-read Collection<int, NamedTool> $namedTools
 * @property-read Collection<int, OwnWeight> $ownWeights
 * @property-read Collection<int, Bag> $bags
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

    /** @return HasMany<NamedTool, $this> that have been checked, each with a name */
    public function namedTools(): HasMany
    {
        return $this->hasMany(NamedTool::class)->with('accepted')->orderBy('name');
    }

    /** @return HasMany<Section, $this> */
    public function sections(): HasMany
    {
        return $this->hasMany(Section::class);
    }

    /** @return list<string> stations of its classes by name: each may have a set of its own */
    public function places(): array
    {
        return array_values(Station::query()->whereIn('section_id', $this->sections()->whereNull('archived_at')->select('id'))
            ->where('position', '>', Station::IN_NO_LIST)->orderBy('position')->orderBy('name')->pluck('name')->unique()->all());
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

    /** @return HasMany<Competency, $this> */
    public function competencies(): HasMany
    {
        return $this->hasMany(Competency::class)->orderBy('position');
    }

    /** @return HasMany<Rubric, $this> */
    public function rubrics(): HasMany
    {
        return $this->hasMany(Rubric::class)->orderBy('name');
    }

    /** @return HasMany<Bag, $this> */
    public function bags(): HasMany
    {
        return $this->hasMany(Bag::class);
    }

    /** @return list<NewIngredient> foods that the reference does not know */
    public function addedFoods(): array
    {
        return array_values($this->ownIngredients->map(fn (OwnIngredient $own): NewIngredient => $own->toCore())->all());
    }

    /** The reference, with this kitchen's own weights laid over it: one person's figures, and means of trials. */
    public function pantry(): Pantry
    {
        $typed = $this->ownWeights->filter(static fn (OwnWeight $own): bool => $own->trials === null);
        $found = $this->ownWeights->filter(static fn (OwnWeight $own): bool => $own->trials !== null);
        $pantry = Pantry::reference()->adding($this->addedFoods())->with($typed->mapWithKeys(fn (OwnWeight $own): array => [
            $own->ingredient_id => ['g_per_us_cup' => $own->g_per_us_cup, 'g_per_piece' => $own->g_per_piece],
        ])->all());
        if ($found->isNotEmpty()) {
            $found->load('standard');
            $today = $this->school->today();
            $pantry = $pantry->weighedAs(array_values(array_filter($found->map(fn (OwnWeight $own): ?OwnTrials => $own->fromTrials(
                $pantry->ingredient($own->ingredient_id), Bag::of($this->bags, $own->ingredient_id, $today)?->id,
            ))->all())));
        }

        return $pantry->meaning($this->meanings ?? []);
    }

    /** @return list<MeasuringTool> as the planner wants them */
    public function drawer(MeasureStandard $standard): array
    {
        return $this->drawers($standard, 1)->everywhere();
    }

    /** @return array<int, list<MeasuringTool>> what is at hand at each station that has tools nobody else has, by its id */
    public function stationDrawers(Section $section): array
    {
        $drawers = $this->drawers($section->standard, $section->stations->count());

        return array_filter($section->stations->mapWithKeys(
            static fn (Station $station): array => [$station->id => $drawers->at($station->name)],
        )->all(), is_array(...));
    }

    private function drawers(MeasureStandard $standard, int $stations): StationDrawers
    {
        $out = $this->namedTools->where('is_retired', true)->countBy('catalogue_id');
        $counted = $this->tools->map(fn (Tool $tool): ?MeasuringTool => ToolCatalogue::owned(
            $tool->catalogue_id, $standard, $tool->true_ml === null ? null : (float) $tool->true_ml,
            $tool->count, $tool->retired + ($out[$tool->catalogue_id] ?? 0), $tool->in_set, $tool->worn,
        ));

        return new StationDrawers(
            array_values(array_filter($counted->all())),
            array_values($this->namedTools->map(fn (NamedTool $one): OwnTool => $one->toCore())->all()),
            $stations,
        );
    }

    /** @return Collection<int, Scale> those in order, with their last checks */
    public function workingScales(): Collection
    {
        if (! $this->relationLoaded('scales')) {
            $this->setRelation('scales', Scale::checked(OneTrip::rows(Scale::ofKitchen($this->id))[0]));
        }

        return $this->scales->where('out_of_order', false)->values();
    }
}
