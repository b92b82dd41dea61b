<?php

declare(strict_types=1);

namespace App\Shopping;

use App\Labs\LabPlan;
use App\Models\FoodPack;
use App\Models\Lab;
use App\Models\Teacher;
use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Shopping\Pack;
use Hovik\Core\Shopping\ShoppingLine;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** What a teacher's classes need in a week, together. */
final readonly class WeekShopping
{
    /**
     * @param  list<Lab>  $labs
     * @param  list<ShoppingLine>  $lines
     * @param  Collection<string, FoodPack>  $packs  by food
     */
    private function __construct(public Carbon $from, public Carbon $to, public array $labs, public array $lines, public Collection $packs)
    {
    }

    /** @param  Carbon|null  $day  any day of the week; none: today */
    public static function of(Teacher $teacher, ?Carbon $day): self
    {
        $from = ($day ?? Carbon::now($teacher->kitchen->school->time_zone))->startOfWeek(Carbon::MONDAY);
        $to = $from->copy()->addDays(6);
        $isAhead = static fn (Lab $lab): bool => $lab->archived_at === null
            && in_array($lab->state, [LabState::Prepared, LabState::Open], true);
        $labs = [];
        foreach ($teacher->running() as $section) {
            $week = $section->labs()->where('planned_for', '>=', $from->toDateString())
                ->where('planned_for', '<=', $to->toDateString())->get();
            foreach ($week->filter($isAhead) as $lab) {
                $labs[] = $lab->setRelation('section', $section);
            }
        }
        usort($labs, static fn (Lab $a, Lab $b): int => [$a->planned_for, $a->id] <=> [$b->planned_for, $b->id]);
        $packs = FoodPack::query()->where('kitchen_id', $teacher->kitchen_id)->get()->keyBy('ingredient_id');
        $pantry = $teacher->kitchen->pantry();
        $known = $packs->map(static function (FoodPack $pack) use ($pantry): ?Pack {
            try {
                return $pack->toCore($pantry);
            } catch (InvalidInput) {
                return null; // of a food that the kitchen has no more, or weighs no more by volume
            }
        })->filter();
        $supplies = array_map(static fn (Lab $lab): array => LabPlan::of($lab)->supplies(), $labs);

        return new self($from, $to, $labs, ShoppingLine::all($supplies, $known->all()), $packs);
    }
}
