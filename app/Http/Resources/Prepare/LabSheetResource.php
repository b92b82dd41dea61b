<?php

declare(strict_types=1);

namespace App\Http\Resources\Prepare;

use App\Http\Resources\KitchenFill;
use App\Labs\LabSheet;
use App\Models\LabItem;
use App\Models\Station;
use App\Words\Said;
use Hovik\Core\Plan\Fill;
use Hovik\Core\Plan\LinePlan;
use Hovik\Core\Plan\Supplies;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property LabSheet $resource */
#[OA\Schema(schema: 'LabSheet', required: ['id', 'title', 'state', 'planned_for', 'section', 'school', 'starts_at', 'ends_at', 'standard', 'recipe', 'factor', 'makes', 'retry_pct', 'stations', 'scales', 'lines', 'supplies', 'allergens', 'preparation', 'directions'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'title', type: 'string'), new OA\Property(property: 'state', type: 'string', enum: ['prepared', 'open', 'closed']),
    new OA\Property(property: 'planned_for', type: 'string', format: 'date'), new OA\Property(property: 'section', type: 'string'), new OA\Property(property: 'school', type: 'string'),
    new OA\Property(property: 'starts_at', type: 'string'), new OA\Property(property: 'ends_at', type: 'string'), new OA\Property(property: 'standard', type: 'string'),
    new OA\Property(property: 'recipe', type: 'integer', nullable: true, description: 'The recipe it was made from.'), new OA\Property(property: 'factor', type: 'string'), new OA\Property(property: 'makes', type: 'string', nullable: true),
    new OA\Property(property: 'retry_pct', type: 'integer'),
    new OA\Property(property: 'stations', type: 'array', items: new OA\Items(required: ['name', 'students'], type: 'object', properties: [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'students', type: 'array', items: new OA\Items(type: 'string'))])),
    new OA\Property(property: 'scales', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'lines', type: 'array', items: new OA\Items(ref: '#/components/schemas/LabSheetLine')),
    new OA\Property(property: 'supplies', type: 'array', items: new OA\Items(required: ['name', 'station', 'station_g', 'class', 'class_g', 'decimals', 'class_decimals'], type: 'object', properties: [
        new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'station', type: 'string', nullable: true), new OA\Property(property: 'station_g', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'),
        new OA\Property(property: 'class', type: 'string', nullable: true), new OA\Property(property: 'class_g', type: 'number'), new OA\Property(property: 'class_decimals', type: 'integer'),
    ])),
    new OA\Property(property: 'allergens', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'preparation', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'directions', type: 'array', items: new OA\Items(type: 'string')),
])]
#[OA\Schema(schema: 'LabSheetLine', required: ['item', 'text', 'name', 'family', 'shared', 'amount', 'measure', 'fills', 'plan', 'why', 'alternatives', 'steps', 'technique', 'target_g', 'decimals', 'tolerance_g', 'tolerance_decimals', 'low_g', 'high_g', 'tolerance_pct', 'own_tolerance', 'strictness', 'way', 'warnings', 'working', 'source'], properties: [
    new OA\Property(property: 'item', type: 'integer'), new OA\Property(property: 'text', type: 'string', nullable: true, description: 'As written.'),
    new OA\Property(property: 'family', type: 'string', description: 'Opens its page of the technique library.'),
    new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'amount', type: 'string'), new OA\Property(property: 'measure', type: 'string'),
    new OA\Property(property: 'fills', type: 'array', items: new OA\Items(ref: '#/components/schemas/KitchenFill')),
    new OA\Property(property: 'plan', type: 'string', nullable: true, description: 'The tools in words.'), new OA\Property(property: 'why', type: 'string', nullable: true),
    new OA\Property(property: 'alternatives', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'steps', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'technique', type: 'string', description: 'The steps as one reminder, without what every technique shares.'),
    new OA\Property(property: 'shared', type: 'boolean', description: 'Stands on the common shelf.'),
    new OA\Property(property: 'target_g', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'),
    new OA\Property(property: 'tolerance_g', type: 'number'), new OA\Property(property: 'tolerance_decimals', type: 'integer'),
    new OA\Property(property: 'low_g', type: 'number'), new OA\Property(property: 'high_g', type: 'number'),
    new OA\Property(property: 'tolerance_pct', type: 'number'), new OA\Property(property: 'own_tolerance', type: 'boolean'),
    new OA\Property(property: 'strictness', type: 'string', enum: ['structural', 'flavour', 'free']),
    new OA\Property(property: 'way', type: 'string', enum: ['checked', 'weight', 'volume']),
    new OA\Property(property: 'warnings', type: 'array', items: new OA\Items(required: ['id', 'text'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'text', type: 'string')])),
    new OA\Property(property: 'working', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'source', type: 'string', nullable: true),
])]
final class LabSheetResource extends JsonResource
{
    /** Steps a short reminder leaves out: those every technique shares, and what is done with the rest. */
    private const UNSAID = [Step::CleanDryEmpty, Step::OverPaper, Step::ReturnExcess];

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $sheet = $this->resource;
        $lab = $sheet->lab;
        $section = $lab->section;

        return [
            'id' => $lab->id, 'title' => $lab->title, 'state' => $lab->state, 'planned_for' => $lab->planned_for->toDateString(),
            'section' => $section->name, 'school' => $section->kitchen->school,
            'starts_at' => substr($section->starts_at, 0, 5), 'ends_at' => substr($section->ends_at, 0, 5),
            'standard' => $section->standard->value,
            'recipe' => $lab->recipeVersion?->recipe_id, 'factor' => $lab->factor, 'makes' => $lab->recipeVersion?->makes, 'retry_pct' => $lab->retry_pct,
            'stations' => $section->stations->map(fn (Station $station): array => ['name' => $station->name, 'students' => $station->students->pluck('name')->all()])->all(),
            'scales' => $section->kitchen->scales->pluck('name')->all(),
            'lines' => array_map(static fn (array $line): array => self::line($line['item'], $line['plan'], $line['warnings']), $sheet->lines),
            'supplies' => array_map(self::supply(...), $sheet->supplies),
            'allergens' => array_map(static fn (string $id): string => Said::phrase(Phrase::of("allergen.$id")), $sheet->allergens),
            'preparation' => array_map(Said::phrase(...), $sheet->preparation),
            'directions' => $lab->recipeVersion->directions ?? [],
        ];
    }

    /**
     * @param  list<Phrase>  $warnings
     * @return array<string, mixed>
     */
    private static function line(LabItem $item, LinePlan $plan, array $warnings): array
    {
        $target = Target::of($plan->targetG->toFloat(), $plan->tolerance);
        $best = $plan->plans->best();
        $decimals = ShownGrams::of($target->grams)->getScale();
        $say = static fn (Step $step): string => Said::stepOf($step->value, $plan->method?->value, $plan->ingredient->family->value)['text'];

        return [
            'item' => $item->id,
            'text' => $item->text,
            'name' => Said::ingredient($plan->ingredient->id),
            'family' => $plan->ingredient->family->value,
            'shared' => $item->shared,
            'amount' => Said::phrase(Phrase::of('working.amount', ['amount' => $plan->amount])),
            'measure' => Said::phrase(Phrase::of('working.amount', ['amount' => $plan->measure])),
            'fills' => array_map(KitchenFill::of(...), $best->fills ?? []),
            'plan' => $best === null ? null : self::inWords($best),
            'why' => $best === null ? null : Said::phrase($best->why),
            'alternatives' => array_map(self::inWords(...), array_slice($plan->plans->plans, 1)),
            'steps' => array_map($say, $plan->plans->technique->steps),
            'technique' => implode('. ', array_map($say, array_values(array_filter($plan->plans->technique->steps, static fn (Step $step): bool => ! in_array($step, self::UNSAID, true))))).'.',
            'target_g' => $target->grams,
            'decimals' => $decimals,
            'tolerance_g' => $target->toleranceG(),
            'tolerance_decimals' => $target->toleranceG() < 1 ? max(1, $decimals) : $decimals,
            'low_g' => $target->grams - $target->toleranceG(),
            'high_g' => $target->grams + $target->toleranceG(),
            'tolerance_pct' => $plan->tolerance->percent,
            'own_tolerance' => $item->tolerance_pct !== null,
            'strictness' => $item->strictness->value,
            'way' => $item->way->value,
            'warnings' => array_map(static fn (Phrase $warning): array => ['id' => substr($warning->id, strlen('warning.')), 'text' => Said::phrase($warning)], $warnings),
            'working' => array_map(Said::phrase(...), $plan->working),
            'source' => $plan->source === null ? null : Said::phrase(Phrase::of('working.source', ['source' => Phrase::of("source.$plan->source"), 'confidence' => $plan->ingredient->confidence])),
        ];
    }

    /** `1 cup + 1/2 cup + 2 x 1 tsp`, `to the 6 fl oz line of the 1 cup jug`. */
    private static function inWords(ToolPlan $plan): string
    {
        if ($plan->fills === []) {
            return Said::phrase($plan->why);
        }

        return implode(' + ', array_map(static function (Fill $fill): string {
            $size = $fill->toMark === null
                ? Said::phrase(Phrase::of('fill.tool', ['size' => $fill->tool->size ?? $fill->tool->nominal]))
                : Said::phrase(Phrase::of("fill.mark.{$fill->tool->kind->value}", ['mark' => $fill->toMark->amount ?? $fill->toMark->text, 'size' => $fill->tool->size ?? $fill->tool->nominal]));

            return $fill->count === 1 ? $size : Said::phrase(Phrase::of('fill.times', ['count' => $fill->count, 'size' => $size]));
        }, $plan->fills));
    }

    /** @return array<string, mixed> */
    private static function supply(Supplies $supply): array
    {
        $measure = static fn (?KitchenMeasure $measure): ?string => $measure === null ? null : Said::phrase(Phrase::of('working.amount', ['amount' => $measure]));

        return [
            'name' => Said::ingredient($supply->ingredient->id),
            'station' => $measure($supply->stationMeasure),
            'station_g' => $supply->stationG->toFloat(),
            'decimals' => ShownGrams::of($supply->stationG)->getScale(),
            'class' => $measure($supply->classMeasure),
            'class_g' => $supply->classG->toFloat(),
            'class_decimals' => ShownGrams::of($supply->classG)->getScale(),
        ];
    }
}
