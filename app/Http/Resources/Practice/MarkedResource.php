<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use App\Words\Said;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Practice\Question;
use OpenApi\Attributes as OA;

/** What is right and why, once it may be known. */
#[OA\Schema(schema: 'PracticeMarked', required: ['right', 'because', 'explanation', 'condition', 'key'], properties: [
    new OA\Property(property: 'right', type: 'boolean', nullable: true, description: 'Null: it was not answered.'),
    new OA\Property(property: 'because', type: 'string', nullable: true, description: 'What somebody who answers so believes.'),
    new OA\Property(property: 'explanation', type: 'string'), new OA\Property(property: 'condition', type: 'string', nullable: true, description: 'Where more than one answer is right.'),
    new OA\Property(property: 'key', type: 'array', items: new OA\Items(type: 'string'), description: 'Right choices, or steps in order, where there are choices.'),
])]
final class MarkedResource
{
    /** @return array{right: bool|null, because: string|null, explanation: string, condition: string|null, key: list<mixed>} */
    public static function fields(Question $question, ?Marked $marked = null): array
    {
        $because = $marked?->because();
        $key = $question->expected->key();

        return [
            'right' => $marked?->isRight,
            'because' => $because === null ? null : Said::phrase($because),
            'explanation' => Said::phrase($question->explanation),
            'condition' => $question->condition === null ? null : Said::phrase($question->condition),
            'key' => match ($question->expected->kind()) {
                'choice' => $key,
                'order' => is_array($key[0]) ? $key[0] : [],
                default => [],
            },
        ];
    }
}
