<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use App\Models\ClassQuestion;
use App\Words\Said;
use Hovik\Core\Words\Phrase;
use OpenApi\Attributes as OA;

/** What is being asked on the class's devices, and how it was answered: counts, no names, since it stands on the wall. */
#[OA\Schema(schema: 'AskedOfClass', required: ['id', 'skill', 'level', 'seed', 'shown', 'answered', 'of', 'right', 'choices', 'missed'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'skill', type: 'string'), new OA\Property(property: 'level', type: 'integer'), new OA\Property(property: 'seed', type: 'integer'),
    new OA\Property(property: 'shown', type: 'boolean', description: 'The answer is shown on the devices.'),
    new OA\Property(property: 'answered', type: 'integer'), new OA\Property(property: 'of', type: 'integer', description: 'Students in the class.'), new OA\Property(property: 'right', type: 'integer'),
    new OA\Property(property: 'choices', type: 'object', description: 'How many chose each, where one is chosen.', additionalProperties: new OA\AdditionalProperties(type: 'integer')),
    new OA\Property(property: 'missed', type: 'array', description: 'What those who were wrong believe, most first.', items: new OA\Items(required: ['said', 'times'], type: 'object', properties: [new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'times', type: 'integer')])),
])]
final class AskedResource
{
    /** @return array<string, mixed>|null */
    public static function fields(?ClassQuestion $asked): ?array
    {
        if ($asked === null) {
            return null;
        }
        $answers = $asked->answers;
        $chosen = $answers->pluck('answer')->filter(static fn (mixed $answer): bool => is_string($answer));

        return [
            'id' => $asked->id, 'skill' => $asked->skill->value, 'level' => $asked->level, 'seed' => $asked->seed, 'shown' => $asked->shown_at !== null,
            'answered' => $answers->count(), 'of' => $asked->section->students->count(), 'right' => $answers->where('is_right', true)->count(),
            'choices' => (object) ($asked->question()->expected->kind() === 'choice' ? $chosen->countBy()->all() : []),
            'missed' => $answers->whereNotNull('misconception')->countBy('misconception')->sortDesc()
                ->map(static fn (int $times, string $id): array => ['said' => Said::phrase(Phrase::of("miss.$id")), 'times' => $times])->values()->all(),
        ];
    }
}
