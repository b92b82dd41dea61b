<?php

declare(strict_types=1);

namespace App\Http\Resources\Weigh;

use App\Models\Diagnosis;
use App\Models\Guess;
use App\Models\Weighing;
use App\Words\Said;
use Hovik\Core\Bake\Role;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Weighing\Explanation;
use Hovik\Core\Weighing\Verdict;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/**
 * What a weighing may come from. Where the class asks for a guess first, the ranking stays away until it is there.
 *
 * @property Weighing $resource
 */
#[OA\Schema(schema: 'Causes', required: ['asks_first', 'guess', 'choices', 'causes', 'none', 'consequence'], properties: [
    new OA\Property(property: 'asks_first', type: 'boolean', description: 'The class wants a guess first, and there is none yet.'),
    new OA\Property(property: 'guess', type: 'string', nullable: true, description: 'The cause the student believed in.'),
    new OA\Property(property: 'choices', type: 'array', description: 'To guess from, in no order that tells anything.', items: new OA\Items(required: ['id', 'said', 'tell'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'tell', type: 'string'),
    ])),
    new OA\Property(property: 'causes', type: 'array', description: 'Likeliest first, at most three.', items: new OA\Items(ref: '#/components/schemas/CauseRow')),
    new OA\Property(property: 'none', required: ['said', 'next'], type: 'object', nullable: true, description: 'Where no usual slip gives this weight.', properties: [
        new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'next', type: 'string'),
    ]),
    new OA\Property(property: 'consequence', type: 'string', nullable: true, description: 'What it would do to the bake.'),
])]
final class CausesResource extends JsonResource
{
    private const SHOWN = 3;

    public function __construct(Weighing $weighing, private readonly Diagnosis $diagnosis, private readonly bool $forTeacher = false)
    {
        parent::__construct($weighing);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $weighing = $this->resource;
        $guess = Guess::query()->find($weighing->id)?->cause;
        $asksFirst = ! $this->forTeacher && $weighing->line->lab->section->asks_guess && $guess === null && $this->diagnosis->causes !== [];
        $consequence = Role::of($weighing->line->lab->section->kitchen->pantry()->ingredient($weighing->line->ingredient_id))->consequence(Verdict::from($weighing->verdict));

        $places = Explanation::targetDecimals($weighing->judgement());

        return [
            'asks_first' => $asksFirst,
            'guess' => $guess,
            'choices' => array_map(static fn (Cause $cause): array => ['id' => $cause->value, 'said' => Said::phrase($cause->said()), 'tell' => Said::phrase($cause->tell())], self::choices($this->diagnosis)),
            'causes' => $asksFirst ? [] : array_map(static fn (array $cause): array => CauseRow::of($cause, $places, $guess), array_slice($this->diagnosis->causes, 0, self::SHOWN)),
            'none' => $this->diagnosis->causes === [] ? CauseRow::none() : null,
            'consequence' => $consequence === null ? null : Said::phrase($consequence),
        ];
    }

    /** @return list<Cause> as the craft's list has them, so that their order tells nothing */
    public static function choices(Diagnosis $diagnosis): array
    {
        $named = array_map(static fn (array $cause): Cause => Cause::from($cause['cause']), $diagnosis->causes);

        return array_values(array_filter(Cause::cases(), static fn (Cause $cause): bool => in_array($cause, $named, true)));
    }
}
