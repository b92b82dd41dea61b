<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\LabItem;
use App\Models\Scale;
use Hovik\Core\Plan\LinePlan;
use Hovik\Core\Plan\LineWarnings;
use Hovik\Core\Plan\Need;
use Hovik\Core\Plan\Supplies;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\Preparation;
use Hovik\Core\Recipe\ReadLine;
use Hovik\Core\Words\Phrase;

/** A lab as it would be opened now: its lines planned by the class's settings, what to warn of, what to fetch and to do before. */
final readonly class LabSheet
{
    /**
     * @param  list<array{item: LabItem, plan: LinePlan, warnings: list<Phrase>}>  $lines
     * @param  list<Supplies>  $supplies
     * @param  list<string>  $allergens  ids, each once
     * @param  list<Phrase>  $preparation
     */
    private function __construct(public Lab $lab, public int $stations, public array $lines, public array $supplies, public array $allergens, public array $preparation)
    {
    }

    public static function of(Lab $lab): self
    {
        $section = $lab->section;
        $planner = $section->linePlanner();
        $stations = max(1, $section->stations->count());
        $scales = $section->kitchen->scales->keyBy('name')->map(fn (Scale $scale) => $scale->toCore())->all();
        $lines = array_values($lab->items->map(function (LabItem $item) use ($planner, $scales, $stations): array {
            $plan = $item->plan($planner);

            return ['item' => $item, 'plan' => $plan, 'warnings' => LineWarnings::of($plan, $scales, $stations)];
        })->all());
        $plans = array_column($lines, 'plan');
        $reader = new LineReader($section->kitchen->pantry());
        $written = array_map(static fn (array $line): ReadLine => $reader->read($line['item']->text ?? $line['plan']->ingredient->name), $lines);
        $unchecked = $section->kitchen->scales->filter(fn (Scale $scale): bool => $scale->checked_on === null)->pluck('name')->values()->all();

        return new self(
            $lab,
            $stations,
            $lines,
            Supplies::of(array_map(static fn (LinePlan $plan): Need => $plan->need(), $plans), $stations, $lab->retry_pct, $section->standard),
            array_values(array_unique(array_merge([], ...array_map(static fn (LinePlan $plan): array => $plan->ingredient->allergens, $plans)))),
            Preparation::of($written, $lab->recipeVersion->directions ?? [], $unchecked),
        );
    }
}
