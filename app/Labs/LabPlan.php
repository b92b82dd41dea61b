<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Scale;
use Hovik\Core\Lab\FrozenKitchen;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Plan\CarefulWork;
use Hovik\Core\Plan\LineWarnings;
use Hovik\Core\Plan\Need;
use Hovik\Core\Plan\StationWays;
use Hovik\Core\Plan\Supplies;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\Preparation;

/** A lab's lines and the kitchen they are measured in: as frozen, or, while the lab is being prepared, as they would be frozen now. */
final readonly class LabPlan
{
    /** @param  list<FrozenLine>  $lines  in the order of the recipe */
    private function __construct(public Lab $lab, public array $lines, public FrozenKitchen $kitchen)
    {
    }

    public static function of(Lab $lab): self
    {
        return $lab->frozen === null
            ? self::now($lab)
            : new self($lab, array_values($lab->lines->map(fn (LabLine $line): FrozenLine => $line->frozen)->all()), $lab->frozen);
    }

    /** By the class's settings, the kitchen's pantry and its drawer as they are now. */
    public static function now(Lab $lab): self
    {
        $section = $lab->section;
        $kitchen = $section->kitchen;
        $planner = $section->linePlanner();
        $reader = new LineReader($planner->pantry);
        $scales = $kitchen->workingScales()->keyBy('name')->map(fn (Scale $scale) => $scale->toCore())->all();
        $stations = array_values($section->stations->pluck('name')->all());
        $lines = $written = [];
        $all = array_values($section->stations->pluck('id')->all());
        $drawers = $kitchen->stationDrawers($section);
        foreach ($lab->items->load('swaps') as $item) {
            $lined = [[$item, $item->position, null]];
            foreach ($item->swaps->groupBy('text')->values() as $i => $swaps) { // the same food at several stations is one line
                $instead = $swaps->firstOrFail()->insteadOf($item);
                if ($instead !== null) {
                    $lined[] = [$instead, FrozenLine::swapped($item->position, $i), array_values($swaps->pluck('station_id')->all())];
                }
            }
            if ($item->swaps->isNotEmpty()) {
                $lined[0][2] = array_values(array_diff($all, $item->swaps->pluck('station_id')->all()));
            }
            foreach ($lined as [$one, $position, $at]) {
                $read = $reader->read($one->text ?? '');
                $plan = $one->plan($planner, $read->isSiftedLater());
                $read = $one->text === null ? $reader->read($plan->ingredient->name) : $read;
                $written[] = $read;
                $warnings = LineWarnings::of($plan, $scales, max(1, count($stations)));
                $lines[] = FrozenLine::of(
                    $plan, $position, $one->text, $one->text === null ? [] : $read->after, $one->shared, $warnings,
                    CarefulWork::of($plan, $scales), $at, StationWays::of($plan, $drawers, $planner, $all),
                );
            }
        }
        $unchecked = array_values($kitchen->workingScales()->whereNull('checked_on')->pluck('name')->all());

        return new self($lab, $lines, new FrozenKitchen(
            drawer: $kitchen->drawer($section->standard),
            scales: $scales,
            rules: $section->houseRules(),
            stations: $stations,
            measureS: WeighingGaps::of($section)->measureS(),
            preparation: Preparation::of($written, $lab->recipeVersion->directions ?? [], $unchecked),
        ));
    }

    /** How many stations work at once; a class without any is planned for one. */
    public function stations(): int
    {
        return max(1, count($this->kitchen->stations));
    }

    /** @return list<Supplies> */
    public function supplies(): array
    {
        $needs = array_map(static fn (FrozenLine $line): Need => $line->need(), $this->lines);
        $standard = $this->lines[0]->standard ?? $this->lab->section->standard;

        return Supplies::of($needs, $this->stations(), $this->lab->retry_pct, $standard);
    }
}
