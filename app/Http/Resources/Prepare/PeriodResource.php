<?php

declare(strict_types=1);

namespace App\Http\Resources\Prepare;

use App\Labs\LabPeriod;
use App\Models\Lab;
use App\Words\Said;
use Hovik\Core\Period\Fixed;
use Hovik\Core\Period\PeriodPlan;
use Hovik\Core\Period\PlannedTask;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

/** @property LabPeriod $resource */
#[OA\Schema(schema: 'PeriodPlan', required: ['title', 'section', 'minutes', 'starts_at', 'end_s', 'fits', 'spare_minutes', 'bottleneck', 'saves', 'blocks', 'stations', 'opened_at', 'timeline'], properties: [
    new OA\Property(property: 'title', type: 'string'), new OA\Property(property: 'section', type: 'string'), new OA\Property(property: 'minutes', type: 'integer'), new OA\Property(property: 'starts_at', type: 'string', example: '10:05'),
    new OA\Property(property: 'end_s', type: 'integer', description: 's from the bell'), new OA\Property(property: 'fits', type: 'boolean'), new OA\Property(property: 'spare_minutes', type: 'integer', description: 'Left before the bell; negative: too long.'),
    new OA\Property(property: 'bottleneck', type: 'string', nullable: true, description: 'What is scarce, in words.'),
    new OA\Property(property: 'saves', type: 'array', description: 'What one more of it would save.', items: new OA\Items(required: ['name', 'minutes', 'said'], type: 'object', properties: [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'minutes', type: 'number'), new OA\Property(property: 'said', type: 'string')])),
    new OA\Property(property: 'blocks', type: 'array', items: new OA\Items(required: ['id', 'name', 'minutes'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'minutes', type: 'number')])),
    new OA\Property(property: 'stations', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'opened_at', type: 'number', nullable: true, description: 's since 1970, while the lab is open'),
    new OA\Property(property: 'timeline', type: 'array', items: new OA\Items(required: ['station', 'what', 'name', 'start_s', 'end_s'], type: 'object', properties: [
        new OA\Property(property: 'station', type: 'integer', nullable: true, description: 'Place in stations; null: everybody.'), new OA\Property(property: 'what', type: 'string'), new OA\Property(property: 'name', type: 'string', description: 'Ingredient, or block.'),
        new OA\Property(property: 'start_s', type: 'integer'), new OA\Property(property: 'end_s', type: 'integer'),
    ])),
])]
final class PeriodResource extends JsonResource
{
    public function __construct(LabPeriod $period, private readonly Lab $lab)
    {
        parent::__construct($period);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $plan = $this->resource->plan;
        $section = $this->lab->section;
        $say = static fn (string $id): string => Said::phrase(Phrase::of("period.$id"));
        $name = fn (string $id): string => $id === PeriodPlan::HANDS ? $say('hands') : $this->resource->resources[$id] ?? $id;
        $saves = array_filter($plan->oneMoreSavesS, static fn (int $seconds): bool => $seconds >= Fixed::A_MINUTE_S);

        return [
            'title' => $this->lab->title,
            'section' => $section->name,
            'minutes' => $plan->period->minutes,
            'starts_at' => Carbon::parse($section->starts_at)->format('H:i'),
            'end_s' => $plan->endS,
            'fits' => $plan->fits(),
            'spare_minutes' => $plan->spareMinutes(),
            'bottleneck' => $plan->bottleneck === null ? null : $name($plan->bottleneck),
            'saves' => array_map(static fn (string $id, int $seconds): array => [
                'name' => $name($id), 'minutes' => Fixed::minutes($seconds), 'said' => Said::phrase(Phrase::of('period.saves', ['name' => $name($id), 'minutes' => Fixed::minutes($seconds)])),
            ], array_keys($saves), $saves),
            'blocks' => array_map(static fn (string $id, int $seconds): array => ['id' => $id, 'name' => $say($id), 'minutes' => Fixed::minutes($seconds)], array_keys(LabPeriod::blocks($this->lab)), LabPeriod::blocks($this->lab)),
            'stations' => $this->resource->stations,
            'opened_at' => $this->lab->isOpen() ? (float) $this->lab->opened_at?->format('U') : null,
            'timeline' => array_map(fn (PlannedTask $task): array => [
                'station' => $task->station, 'what' => $task->what, 'name' => $task->line === null ? $say($task->what) : $this->resource->lines[$task->line], 'start_s' => $task->startS, 'end_s' => $task->endS,
            ], $plan->timeline),
        ];
    }
}
