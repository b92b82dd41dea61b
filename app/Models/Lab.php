<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsFactor;
use App\Casts\AsStored;
use App\Database\OneTrip;
use App\Exceptions\Refusal;
use Hovik\Core\Calendar\Hours;
use Hovik\Core\Calibration\SharedTools;
use Hovik\Core\Lab\EditedList;
use Hovik\Core\Lab\FrozenKitchen;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Marks\Rubric;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Safety\StationChecklist;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * A lab: what it asks for (items), and once opened the frozen lines everybody works by.
 *
 * @property int $id
 * @property int $section_id
 * @property string $title
 * @property LabState $state
 * @property Carbon $planned_for
 * @property Carbon|null $created_at
 * @property Carbon|null $opened_at
 * @property Carbon|null $closed_at
 * @property Carbon|null $paused_at
 * @property string|null $starts_at  with the next: its own hours, whatever the bells say
 * @property string|null $ends_at
 * @property array<string, int>|null $blocks  s of the fixed blocks of its period
 * @property list<int>|null $later  places of the lines that its second period measures; null: it has one
 * @property Carbon|null $second_at  when its second period began
 * @property array<int, list<int>>|null $orders  line ids in planned order, by station id
 * @property int|null $recipe_version_id
 * @property Factor $factor
 * @property FrozenKitchen|null $frozen  what it works with, from the moment it is opened
 * @property int $retry_pct
 * @property 'recipe'|'tools' $kind  tools: the first lab of a term, in which the tools are checked
 * @property SharedTools|null $shares  of a tool lab: who checks what
 * @property EditedList|null $preparation  what is done before it, as the teacher changed it
 * @property Rubric|null $rubric  by which it is marked, as it was when it was given
 * @property bool $is_exam  one try, no causes, and the result comes with the mark
 * @property Carbon|null $given_back_at  students see their marks since
 * @property Carbon|null $read_at  looked back on by its teacher
 * @property Carbon|null $archived_at
 * @property-read Section $section
 * @property-read RecipeVersion|null $recipeVersion
 * @property-read Collection<int, LabItem> $items
 * @property-read Collection<int, LabLine> $lines
 * @property-read Collection<int, StationCheck> $checks
 */
final class Lab extends Model
{
    private const WITH_SCHOOL = [
        'labs' => self::class, 'sections' => Section::class, 'kitchens' => Kitchen::class, 'schools' => School::class,
    ];

    protected $table = 'labs';

    protected $guarded = [];

    protected $casts = [
        'state' => LabState::class,
        'factor' => AsFactor::class,
        'preparation' => AsStored::class.':'.EditedList::class,
        'frozen' => AsStored::class.':'.FrozenKitchen::class.',kept',
        'planned_for' => 'date',
        'opened_at' => 'datetime',
        'closed_at' => 'datetime',
        'paused_at' => 'datetime',
        'archived_at' => 'datetime',
        'blocks' => 'array',
        'orders' => 'array',
        'later' => 'array',
        'second_at' => 'datetime',
        'rubric' => AsStored::class.':'.Rubric::class,
        'is_exam' => 'boolean',
        'given_back_at' => 'datetime',
        'read_at' => 'datetime',
        'shares' => AsStored::class.':'.SharedTools::class,
    ];

    protected $attributes = ['kind' => 'recipe', 'is_exam' => false];

    /**
     * With class, kitchen and school.
     *
     * @param  QueryBuilder  $labs  a query of `labs`
     * @return QueryBuilder what {@see ofSchool} takes the rows of
     */
    public static function withSchool(QueryBuilder $labs): QueryBuilder
    {
        return OneTrip::joined(
            $labs->join('sections', 'sections.id', '=', 'labs.section_id')->join('kitchens', 'kitchens.id', '=', 'sections.kitchen_id')
                ->join('schools', 'schools.id', '=', 'kitchens.school_id'), self::WITH_SCHOOL,
        );
    }

    /**
     * @param  list<stdClass>  $rows
     * @return Collection<int, self>
     */
    public static function ofSchool(array $rows): Collection
    {
        $labs = new Collection;
        foreach (OneTrip::models($rows, self::WITH_SCHOOL) as ['labs' => $lab, 'sections' => $of, 'kitchens' => $in, 'schools' => $at]) {
            assert($lab instanceof self && $of !== null && $in !== null);
            $labs->add($lab->setRelation('section', $of->setRelation('kitchen', $in->setRelation('school', $at))));
        }

        return $labs;
    }

    /**
     * A route's lab comes with all of them, since whoever asks for it is asked whose it is.
     *
     * @param  mixed  $value
     * @param  string|null  $field
     */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        return is_numeric($value) ? self::ofSchool(OneTrip::rows(self::withSchool(DB::table('labs')->where('labs.id', $value)))[0])->first()
            : null;
    }

    /** @return BelongsTo<Section, $this> */
    public function section(): BelongsTo
    {
        return $this->belongsTo(Section::class);
    }

    /** Something of it waits for its second period. */
    public function isInFirstOfTwo(): bool
    {
        return $this->later !== null && $this->second_at === null;
    }

    /**
     * Those lines that are measured in the period that is going on.
     *
     * @param  list<int>  $lines  ids
     * @param  array<int, int>  $places  in the recipe, by id
     * @return list<int>
     */
    public function nowOf(array $lines, array $places): array
    {
        $later = $this->isInFirstOfTwo() ? $this->later ?? [] : [];

        return array_values(array_filter($lines, static fn (int $line): bool => ! in_array($places[$line] ?? 0, $later, true)));
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
        // What stands for a line comes after it.
        return $this->hasMany(LabLine::class)->orderByRaw('position % ?', [FrozenLine::SWAPPED])->orderBy('position');
    }

    /** @return HasMany<LabEvent, $this> in the order in which the server received them */
    public function events(): HasMany
    {
        return $this->hasMany(LabEvent::class)->orderBy('received_at')->orderBy('created_at')->orderBy('id');
    }

    /** How its class's teacher changed a station's list: what is set up before, never what is cleaned after. */
    public function editedList(StationChecklist $kind): EditedList
    {
        return ($kind === StationChecklist::SetUp ? $this->section->set_up : null) ?? new EditedList;
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

    /** @return list<Ingredient> its foods: as frozen, or as the kitchen has them while it is being prepared */
    public function foods(): array
    {
        if ($this->state->isFrozen()) {
            return array_values($this->lines->map(fn (LabLine $line): Ingredient => $line->frozen->food->ingredient)->all());
        }
        $pantry = $this->section->kitchen->pantry();

        return array_values($this->items->load('swaps')->flatMap(static fn (LabItem $item): array => array_map(
            static fn (LabItem $one): Ingredient => $one->food($pantry),
            [$item, ...$item->swaps->map(fn (LabSwap $swap): ?LabItem => $swap->insteadOf($item))->filter()->all()],
        ))->all());
    }

    /** @return list<int> places of the lines of which something was weighed */
    public function placesWeighed(): array
    {
        $weighed = $this->lines()->whereHas('weighings')->get();

        return array_values($weighed->map(static fn (LabLine $line): int => $line->frozen->place())->unique()->all());
    }

    /** What does not fit may be left to a second period, until that has begun. */
    public function mayBeSpread(): bool
    {
        return $this->state === LabState::Prepared || ($this->isOpen() && $this->second_at === null);
    }

    /** @throws Refusal once it was opened: its lines are frozen */
    public function mustBePrepared(): void
    {
        if ($this->state !== LabState::Prepared) {
            throw new Refusal('refusal.lab-frozen');
        }
    }

    /** From bell to bell on its day: its own hours, else its class's; on a day on which that does not meet, its usual ones. */
    public function hours(): Hours
    {
        if ($this->starts_at !== null && $this->ends_at !== null) {
            return Hours::of($this->starts_at, $this->ends_at);
        }

        return $this->section->hoursOn($this->planned_for->toDateString()) ?? $this->section->ownHours();
    }

    /** Its class meets on its day, by the school's bells. */
    public function meets(): bool
    {
        return $this->section->hoursOn($this->planned_for->toDateString()) !== null;
    }

    /**
     * The same lab once more, to be prepared: what it asks for, and nothing of what happened in it. What single stations measure instead
     * goes along only within the class: another has other stations.
     */
    public function copyTo(Section $section, string $day): self
    {
        return DB::transaction(function () use ($section, $day): self {
            $copy = $section->labs()->create([
                'title' => $this->title,
                'kind' => $this->kind,
                'recipe_version_id' => $this->recipe_version_id,
                'factor' => $this->factor,
                'retry_pct' => $this->retry_pct,
                'blocks' => $this->blocks,
                'later' => $this->later,
                'preparation' => $this->preparation,
                'state' => LabState::Prepared,
                'planned_for' => $day,
            ]);
            foreach ($this->items as $item) {
                $again = $item->replicate();
                $again->fill(['lab_id' => $copy->id])->save();
                foreach ($section->is($this->section) ? $item->swaps : [] as $swap) {
                    $swap->replicate()->fill(['lab_item_id' => $again->id])->save();
                }
            }

            return $copy;
        });
    }

    /** To another class, while it is prepared: what was settled for stations of the one before is gone. */
    public function moveTo(Section $section): void
    {
        if ($section->is($this->section)) {
            return;
        }
        foreach ($this->items as $item) {
            $item->swaps()->delete();
        }
        $this->section()->associate($section)->save();
    }

    /** @return HasMany<Station, Section> its class's, and the places where it was made up */
    public function stations(): HasMany
    {
        return $this->section->hasMany(Station::class)
            ->where(fn (Builder $of) => $of->where('position', '>', Station::IN_NO_LIST)->orWhere('makes_up_lab_id', $this->id))
            ->orderByRaw('position = ?', [Station::IN_NO_LIST])->orderBy('position');
    }

    /** Something may be weighed and told from there now. */
    public function takes(Station $station): bool
    {
        return $station->makes_up_lab_id === null ? $this->isOpen() : $station->makes_up_lab_id === $this->id;
    }

    public function isOpen(): bool
    {
        return $this->state === LabState::Open;
    }

    /**
     * Lines that are weighed, and so stand on the board and at the stations; all of them, or those of one.
     *
     * @return Collection<int, LabLine>
     */
    public function weighedLines(?Station $at = null): Collection
    {
        $lines = $this->lines->whereNotNull('target_g');

        return ($at === null ? $lines : $lines->filter(fn (LabLine $line): bool => $line->isAt($at->placeId())))->values();
    }
}
