<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Lab;
use App\Models\Scale;
use App\Models\Section;
use App\Models\Station;
use App\Models\Teacher;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property Teacher $resource */
#[OA\Schema(schema: 'Today', required: ['time_zone', 'sections', 'unchecked_scales'], properties: [
    new OA\Property(property: 'time_zone', type: 'string'),
    new OA\Property(property: 'unchecked_scales', type: 'array', items: new OA\Items(type: 'string'), description: 'Names of scales that no known weight has been put on yet.'),
    new OA\Property(property: 'sections', type: 'array', items: new OA\Items(required: ['id', 'name', 'code', 'open_to_join', 'starts_at', 'ends_at', 'stations', 'labs'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'code', type: 'string'),
        new OA\Property(property: 'open_to_join', type: 'boolean'),
        new OA\Property(property: 'starts_at', type: 'string', example: '10:05'),
        new OA\Property(property: 'ends_at', type: 'string', example: '10:52'),
        new OA\Property(property: 'stations', type: 'array', items: new OA\Items(required: ['name', 'code'], type: 'object', properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'code', type: 'string'),
        ])),
        new OA\Property(property: 'labs', type: 'array', items: new OA\Items(ref: '#/components/schemas/LabSummary')),
    ])),
])]
#[OA\Schema(schema: 'LabSummary', required: ['id', 'title', 'state', 'planned_for', 'ingredients', 'opened_at'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'state', type: 'string', enum: ['prepared', 'open', 'closed']),
    new OA\Property(property: 'planned_for', type: 'string', format: 'date'),
    new OA\Property(property: 'ingredients', type: 'integer'),
    new OA\Property(property: 'opened_at', type: 'string', nullable: true, format: 'date-time'),
])]
final class TodayResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $kitchen = $this->resource->kitchen;

        return [
            'time_zone' => $kitchen->time_zone,
            'unchecked_scales' => $kitchen->scales->filter(fn (Scale $scale): bool => $scale->checked_on === null)->pluck('name')->values()->all(),
            'sections' => $this->resource->sections->map(fn (Section $section): array => [
                'id' => $section->id,
                'name' => $section->name,
                'code' => $section->code,
                'open_to_join' => $section->open_to_join,
                'starts_at' => substr($section->starts_at, 0, 5),
                'ends_at' => substr($section->ends_at, 0, 5),
                'stations' => $section->stations->map(fn (Station $station): array => ['name' => $station->name, 'code' => $station->code])->all(),
                'labs' => $section->labs->sortBy(fn (Lab $lab): int => (int) array_search($lab->state, [Lab::OPEN, Lab::PREPARED, Lab::CLOSED], true))->values()->map(self::lab(...))->all(),
            ])->all(),
        ];
    }

    /** @return array<string, mixed> */
    private static function lab(Lab $lab): array
    {
        return [
            'id' => $lab->id,
            'title' => $lab->title,
            'state' => $lab->state,
            'planned_for' => $lab->planned_for->toDateString(),
            'ingredients' => $lab->items->count(),
            'opened_at' => $lab->opened_at?->toJSON(),
        ];
    }
}
