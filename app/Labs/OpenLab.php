<?php

declare(strict_types=1);

namespace App\Labs;

use App\Exceptions\Refusal;
use App\Models\Lab;
use App\Models\LabItem;
use App\Models\Section;
use Hovik\Core\InvalidInput;
use Hovik\Core\Plan\Fill;
use Hovik\Core\Plan\LinePlanner;
use Hovik\Core\Plan\Way;
use Hovik\Core\Technique\Step;
use Hovik\Core\Technique\Watch;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\DB;

/** Opens a prepared lab: plans every line by the class's settings as they are now, and freezes it. */
final class OpenLab
{
    public function open(Lab $lab): void
    {
        DB::transaction(function () use ($lab): void {
            // The section is locked, so that two taps cannot open two labs.
            Section::query()->whereKey($lab->section_id)->lockForUpdate()->value('id');
            $section = $lab->section()->sole();
            $lab->refresh();
            if ($lab->state !== Lab::PREPARED) {
                throw new Refusal('lab_not_prepared');
            }
            if ($section->openLab()->exists()) {
                throw new Refusal('another_lab_open');
            }
            $weighed = $lab->items->filter(fn (LabItem $item): bool => $item->way !== Way::Volume);
            if ($weighed->isEmpty()) {
                throw new Refusal('lab_empty');
            }
            $planner = $section->linePlanner();
            foreach ($weighed as $item) {
                $lab->lines()->create(['position' => $item->position, 'strictness' => $item->strictness->value, 'standard' => $section->standard->value] + self::frozen($item, $planner));
            }
            $lab->update(['state' => Lab::OPEN, 'opened_at' => now(), 'orders' => self::orders($lab)]);
        });
    }

    /** @return array<int, list<int>>|null line ids in planned order, by station id; none where no plan can be made */
    private static function orders(Lab $lab): ?array
    {
        try {
            $orders = LabPeriod::of($lab)->orders();
        } catch (InvalidInput) {
            return null; // a class without stations, say: it opens all the same
        }
        $lines = $lab->lines()->pluck('id', 'position');
        $places = $lab->items->pluck('position', 'id');
        $byStation = [];
        foreach ($lab->section->stations->values() as $i => $station) {
            $byStation[$station->id] = array_values(array_filter(array_map(static fn (int $item): ?int => $lines[$places[$item] ?? 0] ?? null, $orders[$i] ?? []), is_int(...)));
        }

        return $byStation;
    }

    /** @return array<string, mixed> columns of lab_lines */
    private static function frozen(LabItem $item, LinePlanner $planner): array
    {
        $plan = $item->plan($planner);
        $best = $plan->plans->best();

        return [
            'ingredient_id' => $item->ingredient_id,
            'family' => $plan->ingredient->family->value,
            'amount' => $item->amount,
            'unit' => $item->unit,
            'shared' => $item->shared,
            'method' => $plan->method?->value,
            'handling' => $plan->handling->value,
            'target_g' => (string) $plan->targetG,
            'tolerance_pct' => $plan->tolerance->percent,
            'tolerance_floor_g' => $plan->tolerance->floorG,
            'expected_g' => $best?->meanG,
            'spread_g' => $best?->uG,
            'measure' => Phrase::of('working.amount', ['amount' => $plan->measure])->toArray(),
            'fills' => array_map(self::fill(...), $best->fills ?? []),
            'steps' => array_map(static fn (Step $step): string => $step->value, $plan->plans->technique->steps),
            'watch' => self::watch($plan->plans->technique->watch),
            'cautions' => array_map(static fn (Phrase $caution): array => $caution->toArray(), $plan->plans->technique->cautions),
            'working' => array_map(static fn (Phrase $sentence): array => $sentence->toArray(), $plan->working),
            'why_tools' => $best?->why->toArray(),
            'source' => $plan->source,
            'confidence' => $plan->ingredient->confidence,
        ];
    }

    /** @return array{phrase: array<string, mixed>, leads_to: string}|null */
    private static function watch(?Watch $watch): ?array
    {
        return $watch === null ? null : ['phrase' => $watch->phrase->toArray(), 'leads_to' => $watch->leadsTo->value];
    }

    /** @return array<string, mixed> what a screen needs to draw and name it */
    private static function fill(Fill $fill): array
    {
        return [
            'tool' => $fill->tool->id,
            'kind' => $fill->tool->kind->value,
            'nominal' => $fill->tool->nominal,
            'ml' => $fill->tool->nominalMl->toFloat(),
            'count' => $fill->count,
            'to_mark' => $fill->toMark?->text,
            'mark_ml' => $fill->toMark?->ml->toFloat(),
            'called' => $fill->tool->called()->toArray(),
        ];
    }
}
