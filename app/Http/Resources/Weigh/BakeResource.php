<?php

declare(strict_types=1);

namespace App\Http\Resources\Weigh;

use App\Weighings\BakeReport;
use App\Words\Said;
use Hovik\Core\Bake\Fault;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property BakeReport $resource */
#[OA\Schema(schema: 'Bake', required: ['lab', 'faults', 'suspects', 'no_suspect', 'others'], properties: [
    new OA\Property(property: 'lab', type: 'string'),
    new OA\Property(property: 'faults', type: 'array', items: new OA\Items(required: ['id', 'said', 'chosen'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'chosen', type: 'boolean'),
    ])),
    new OA\Property(property: 'suspects', type: 'array', description: "This station's weights that could have led there, most suspect first.", items: new OA\Items(required: ['weighing_id', 'verdict', 'said'], type: 'object', properties: [
        new OA\Property(property: 'weighing_id', type: 'string'), new OA\Property(property: 'verdict', ref: '#/components/schemas/VerdictWord'), new OA\Property(property: 'said', type: 'string'),
    ])),
    new OA\Property(property: 'no_suspect', type: 'string', nullable: true, description: 'Said where a fault is logged and no weight explains it.'),
    new OA\Property(property: 'others', type: 'array', items: new OA\Items(type: 'string'), description: 'What no scale would show.'),
])]
final class BakeResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $report = $this->resource;
        $others = array_map(Said::phrase(...), array_merge(...array_map(static fn (Fault $fault): array => $fault->otherCauses(), $report->faults)));

        return [
            'lab' => $report->lab->title,
            'faults' => array_map(static fn (Fault $fault): array => ['id' => $fault->value, 'said' => Said::phrase($fault->said()), 'chosen' => in_array($fault, $report->faults, true)], Fault::cases()),
            'suspects' => array_map(static fn (array $suspect): array => ['weighing_id' => $suspect['weighing']->id, 'verdict' => $suspect['weighing']->verdict, 'said' => Said::phrase($suspect['said'])], $report->suspects),
            'no_suspect' => $report->faults !== [] && $report->suspects === [] ? Said::phrase(Phrase::of('suspect.none')) : null,
            'others' => array_values(array_unique($others)),
        ];
    }
}
