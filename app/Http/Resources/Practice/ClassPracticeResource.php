<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use App\Practice\ClassPractice;
use App\Words\Said;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property ClassPractice $resource */
#[OA\Schema(schema: 'ClassPractice', required: ['lab', 'skills', 'students', 'missed'], properties: [
    new OA\Property(property: 'lab', type: 'string', nullable: true, description: 'What they get ready for; null: all skills.'),
    new OA\Property(property: 'skills', type: 'array', description: 'What its lines ask for.', items: new OA\Items(required: ['id', 'said'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'said', type: 'string')])),
    new OA\Property(property: 'students', type: 'array', items: new OA\Items(required: ['id', 'name', 'answered', 'ready', 'shown', 'met'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'answered', type: 'integer', description: 'Questions, ever.'),
        new OA\Property(property: 'ready', type: 'boolean', description: 'Has shown all of them.'),
        new OA\Property(property: 'shown', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'met', type: 'array', items: new OA\Items(type: 'string'), description: 'Tried, shown or not.'),
    ])),
    new OA\Property(property: 'missed', type: 'array', description: 'What the class gets wrong most, with what is so instead.', items: new OA\Items(required: ['said', 'times'], type: 'object', properties: [new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'times', type: 'integer')])),
])]
final class ClassPracticeResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $practice = $this->resource;
        $ids = static fn (array $skills): array => array_map(static fn (Skill $skill): string => $skill->value, $skills);

        return [
            'lab' => $practice->lab?->title,
            'skills' => array_map(static fn (Skill $skill): array => ['id' => $skill->value, 'said' => Said::phrase($skill->said())], $practice->needed),
            'students' => array_map(static fn (array $one): array => [
                'id' => $one['student']->id, 'name' => $one['student']->name, 'answered' => $one['answered'],
                'ready' => $one['ready'], 'shown' => $ids($one['shown']), 'met' => $ids($one['met']),
            ], $practice->students),
            'missed' => array_map(static fn (string $id, int $times): array => ['said' => Said::phrase(Phrase::of("miss.$id")), 'times' => $times], array_keys($practice->missed), $practice->missed),
        ];
    }
}
