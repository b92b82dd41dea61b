<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use App\Practice\ClassPractice;
use App\Words\Said;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property ClassPractice $resource */
#[OA\Schema(schema: 'ClassPractice', required: ['lab', 'skills', 'students', 'missed', 'tasks', 'due_on', 'all'], properties: [
    new OA\Property(property: 'lab', type: 'string', nullable: true, description: 'What they get ready for; null: all skills.'),
    new OA\Property(property: 'skills', type: 'array', description: 'What its lines ask for.', items: new OA\Items(required: ['id', 'said', 'safety'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'safety', type: 'boolean', description: 'A safety point.')])),
    new OA\Property(property: 'all', type: 'array', description: 'All that can be set.', items: new OA\Items(required: ['id', 'said', 'safety'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'safety', type: 'boolean')])),
    new OA\Property(property: 'due_on', type: 'string', format: 'date', nullable: true, description: 'The day of the lab.'),
    new OA\Property(property: 'tasks', type: 'array', description: 'What is set, due first.', items: new OA\Items(required: ['id', 'student', 'aims', 'due_on', 'done', 'open'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'student', type: 'string', nullable: true, description: 'Null: the whole class.'), new OA\Property(property: 'aims', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'due_on', type: 'string', format: 'date'), new OA\Property(property: 'done', type: 'array', items: new OA\Items(type: 'string'), description: 'Who has shown all of it.'), new OA\Property(property: 'open', type: 'array', items: new OA\Items(type: 'string')),
    ])),
    new OA\Property(property: 'students', type: 'array', items: new OA\Items(required: ['id', 'name', 'answered', 'ready', 'shown', 'met', 'returning'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'answered', type: 'integer', description: 'Questions, ever.'),
        new OA\Property(property: 'ready', type: 'boolean', description: 'Has shown all of them.'),
        new OA\Property(property: 'shown', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'met', type: 'array', items: new OA\Items(type: 'string'), description: 'Tried, shown or not.'),
        new OA\Property(property: 'returning', type: 'array', items: new OA\Items(type: 'string'), description: 'Answered wrongly last: these come back.'),
    ])),
    new OA\Property(property: 'missed', type: 'array', description: 'What the class gets wrong most, with what is so instead.', items: new OA\Items(required: ['said', 'times'], type: 'object', properties: [new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'times', type: 'integer')])),
])]
final class ClassPracticeResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $practice = $this->resource;
        $ids = static fn (array $aims): array => array_map(static fn (Aim $aim): string => $aim->id(), $aims);

        return [
            'lab' => $practice->lab?->title,
            'skills' => array_map(self::aim(...), $practice->needed),
            'all' => array_map(self::aim(...), Aim::all()),
            'due_on' => $practice->lab?->planned_for->toDateString(),
            'tasks' => array_map(static fn (array $one): array => [
                'id' => $one['task']->id, 'student' => $one['task']->student?->name, 'due_on' => $one['task']->due_on->toDateString(), 'done' => $one['done'], 'open' => $one['open'],
                'aims' => array_map(static fn (Aim $aim): string => Said::phrase($aim->said()), $one['task']->aimed()),
            ], $practice->tasks),
            'students' => array_map(static fn (array $one): array => [
                'id' => $one['student']->id, 'name' => $one['student']->name, 'answered' => $one['answered'],
                'ready' => $one['ready'], 'shown' => $ids($one['shown']), 'met' => $ids($one['met']), 'returning' => $one['returning'],
            ], $practice->students),
            'missed' => array_map(static fn (string $id, int $times): array => ['said' => Said::phrase(Phrase::of("miss.$id")), 'times' => $times], array_keys($practice->missed), $practice->missed),
        ];
    }

    /** @return array{id: string, said: string, safety: bool} */
    private static function aim(Aim $aim): array
    {
        return ['id' => $aim->id(), 'said' => Said::phrase($aim->said()), 'safety' => $aim->point !== null];
    }
}
