<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Labs\LabPlan;
use App\Words\Said;
use Hovik\Core\Lab\EditedList;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Words\Phrase;

/** A lab's plan, line by line: as frozen, or as it would be opened now. */
final readonly class LabPage extends View
{
    /**
     * @param  bool  $meets  its class meets on its day, by the school's bells
     * @param  bool  $own_hours  those of this lab alone, whatever the bells say
     * @param  int|null  $recipe  it was made from
     * @param  list<LabStation>  $stations
     * @param  list<string>  $scales
     * @param  list<LabPageLine>  $lines
     * @param  list<CarefulGroup>  $careful  where careful work would be Level too seldom
     * @param  list<string>  $out_of_reach  that no tools here make within their tolerance
     * @param  list<SupplyRow>  $supplies
     * @param  list<string>  $allergens
     * @param  list<EditedPoint>  $preparation
     * @param  list<StepOfDirections>  $directions
     */
    public function __construct(
        public int $id,
        public string $title,
        public LabState $state,
        public string $planned_for,
        public int $section_id,
        public string $section,
        public string $school,
        public bool $meets,
        public bool $own_hours,
        public string $starts_at,
        public string $ends_at,
        public MeasureStandard $standard,
        public ?int $recipe,
        public string $factor,
        public ?string $makes,
        public int $retry_pct,
        public array $stations,
        public array $scales,
        public array $lines,
        public array $careful,
        public array $out_of_reach,
        public array $supplies,
        public array $allergens,
        public array $preparation,
        public array $directions,
    ) {
    }

    public static function of(LabPlan $plan): self
    {
        $lab = $plan->lab;
        $section = $lab->section;
        $items = $lab->items->keyBy('position');
        $allergens = array_unique(
            array_merge([], ...array_map(static fn (FrozenLine $line): array => $line->food->ingredient->allergens, $plan->lines)),
        );

        return new self(
            id: $lab->id,
            title: $lab->title,
            state: $lab->state,
            planned_for: $lab->planned_for->toDateString(),
            section_id: $section->id,
            section: $section->name,
            school: $section->kitchen->school->name,
            meets: $lab->meets(),
            own_hours: $lab->starts_at !== null,
            starts_at: $lab->hours()->from,
            ends_at: $lab->hours()->to,
            standard: $plan->lines[0]->standard ?? $section->standard,
            recipe: $lab->recipeVersion?->recipe_id,
            factor: $lab->factor->text(),
            makes: $lab->recipeVersion?->makes,
            retry_pct: $lab->retry_pct,
            stations: array_values($section->stations->map(LabStation::of(...))->all()),
            scales: array_keys($plan->kitchen->scales),
            lines: array_map(
                static fn (FrozenLine $line): LabPageLine => LabPageLine::of($line, $items->get($line->place()), $section->stations),
                $plan->lines,
            ),
            careful: CarefulGroup::all($plan->lines, $items),
            out_of_reach: array_values(array_map(
                static fn (FrozenLine $line): string => Said::ingredient($line->food->ingredient->id),
                array_filter($plan->lines, static fn (FrozenLine $line): bool => $line->isOutOfReach()),
            )),
            supplies: array_map(SupplyRow::of(...), $plan->supplies()),
            allergens: array_values(array_map(static fn (string $id): string => Said::phrase(Phrase::of("allergen.$id")), $allergens)),
            preparation: EditedPoint::all(array_combine(
                array_map(EditedList::key(...), $plan->kitchen->preparation), array_map(Said::phrase(...), $plan->kitchen->preparation),
            ), $lab->preparation ?? new EditedList),
            directions: StepOfDirections::all($lab->recipeVersion),
        );
    }
}
