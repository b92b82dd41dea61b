<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Section;
use App\Models\Student;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property Section $resource */
#[OA\Schema(schema: 'SectionNames', required: ['name', 'students'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'students', type: 'array', items: new OA\Items(required: ['id', 'name', 'station', 'has_pin'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'station', type: 'string', nullable: true),
        new OA\Property(property: 'has_pin', type: 'boolean', description: 'False: the next PIN given becomes theirs.'),
    ])),
])]
final class SectionNamesResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'name' => $this->resource->name,
            'students' => $this->resource->students->map(fn (Student $student): array => [
                'id' => $student->id,
                'name' => $student->name,
                'station' => $student->station?->name,
                'has_pin' => $student->pin !== null,
            ])->all(),
        ];
    }
}
