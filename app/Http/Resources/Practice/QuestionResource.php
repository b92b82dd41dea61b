<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use App\Practice\PracticeOf;
use App\Words\Said;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Question;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/**
 * A question as a screen asks it: what is right is not in here.
 *
 * @property Question $resource
 */
#[OA\Schema(schema: 'PracticeQuestion', required: ['turn', 'id', 'skill', 'skill_id', 'kind', 'prompt', 'choices', 'figure', 'about', 'done_today', 'a_day'], properties: [
    new OA\Property(property: 'turn', type: 'integer', description: "The student's first question is 0."), new OA\Property(property: 'id', type: 'string', description: 'Tells it from any other.'),
    new OA\Property(property: 'skill', type: 'string', example: 'Read a jug'), new OA\Property(property: 'skill_id', type: 'string'),
    new OA\Property(property: 'kind', type: 'string', enum: ['choice', 'order', 'number', 'tools', 'words', 'keys'], description: 'How it is answered.'),
    new OA\Property(property: 'prompt', type: 'string'),
    new OA\Property(property: 'choices', type: 'array', items: new OA\Items(required: ['id', 'said', 'tool'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'said', type: 'string'),
        new OA\Property(property: 'tool', ref: '#/components/schemas/PracticeTool', nullable: true),
    ])),
    new OA\Property(property: 'figure', ref: '#/components/schemas/PracticeFigure'),
    new OA\Property(property: 'about', type: 'string', nullable: true, description: 'A family of food, or a safety point.'),
    new OA\Property(property: 'done_today', type: 'integer'), new OA\Property(property: 'a_day', type: 'integer', description: 'So many are asked for.'),
])]
#[OA\Schema(schema: 'PracticeTool', required: ['kind', 'ml', 'nominal'], properties: [
    new OA\Property(property: 'kind', type: 'string'), new OA\Property(property: 'ml', type: 'number'), new OA\Property(property: 'nominal', type: 'string', description: 'Empty: without its lettering.'),
])]
#[OA\Schema(schema: 'PracticeFigure', description: 'For drawing; what a question does not need is not there.', properties: [
    new OA\Property(property: 'tool', ref: '#/components/schemas/PracticeTool'),
    new OA\Property(property: 'steps', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'words', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'level_ml', type: 'number'), new OA\Property(property: 'liquid', type: 'string'), new OA\Property(property: 'eye_deg', type: 'number'), new OA\Property(property: 'rings', type: 'integer'),
    new OA\Property(property: 'marks', type: 'array', items: new OA\Items(required: ['text', 'ml'], type: 'object', properties: [new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'ml', type: 'number')])),
    new OA\Property(property: 'hands', ref: '#/components/schemas/BenchHands'),
])]
final class QuestionResource extends JsonResource
{
    public function __construct(Question $question, private readonly PracticeOf $practice)
    {
        parent::__construct($question);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['turn' => $this->practice->turn()] + self::fields($this->resource) + ['done_today' => $this->practice->doneToday(), 'a_day' => PracticeOf::A_DAY];
    }

    /** @return array<string, mixed> what is asked, wherever it is asked */
    public static function fields(Question $question): array
    {
        return [
            'id' => $question->id(),
            'skill' => Said::phrase($question->skill->said()),
            'skill_id' => $question->skill->value,
            'kind' => $question->expected->kind(),
            'prompt' => Said::phrase($question->prompt),
            'choices' => array_map(static fn (Choice $choice): array => ['id' => $choice->id, 'said' => Said::phrase($choice->said), 'tool' => self::tool($choice->figure)], $question->choices),
            'about' => $question->about?->value,
            'figure' => (object) self::figure($question->figure),
        ];
    }

    /**
     * @param  array<string, mixed>  $figure
     * @return array<string, mixed>|null
     */
    private static function tool(array $figure): ?array
    {
        return isset($figure['ml'], $figure['kind']) ? ['kind' => $figure['kind'], 'ml' => $figure['ml'], 'nominal' => $figure['nominal'] ?? ''] : null;
    }

    /**
     * @param  array<string, mixed>  $figure
     * @return array<string, mixed>
     */
    private static function figure(array $figure): array
    {
        $drawn = array_intersect_key($figure, array_flip(['words', 'level_ml', 'liquid', 'eye_deg', 'rings', 'marks', 'hands']));
        if (is_array($figure['steps'] ?? null)) {
            $drawn['steps'] = array_map(static fn (mixed $step): string => Said::phrase(Phrase::of('step.'.(is_string($step) ? $step : ''))), $figure['steps']);
        }
        $tool = self::tool($figure + ['ml' => isset($figure['hands']) && isset($figure['kind']) ? 236.588 : null]);

        return $tool === null ? $drawn : $drawn + ['tool' => $tool];
    }
}
