<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Resources\Practice\QuestionResource;
use App\Models\Student;
use App\Practice\PracticeOf;
use App\Words\Said;
use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Expect\Keys;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** A student's own practice, one question at a time. */
final class PracticeController extends Controller
{
    #[OA\Get(path: '/api/practice', operationId: 'practice', summary: 'The question that comes now', responses: [
        new OA\Response(response: 200, description: 'As it was left, on whatever device.', content: new OA\JsonContent(ref: '#/components/schemas/PracticeQuestion')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401),
    ])]
    public function show(Request $request): QuestionResource
    {
        $practice = new PracticeOf($this->student($request));

        return new QuestionResource($practice->question(), $practice);
    }

    #[OA\Post(path: '/api/practice/{turn}', operationId: 'answerPractice', summary: 'An answer to it; kept once', parameters: [
        new OA\Parameter(name: 'turn', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['id'], properties: [
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'answer', description: 'A choice, a number as typed, a list in order, counts by tool, words by place, or keys.', oneOf: [
            new OA\Schema(type: 'string'), new OA\Schema(type: 'array', items: new OA\Items(oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'integer')])),
            new OA\Schema(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer')),
        ]),
    ])), responses: [
        new OA\Response(response: 200, description: 'Marked, with what is right and why.', content: new OA\JsonContent(required: ['right', 'because', 'explanation', 'condition', 'key'], properties: [
            new OA\Property(property: 'right', type: 'boolean'), new OA\Property(property: 'because', type: 'string', nullable: true, description: 'What somebody who answers so believes.'),
            new OA\Property(property: 'explanation', type: 'string'), new OA\Property(property: 'condition', type: 'string', nullable: true, description: 'Where more than one answer is right.'),
            new OA\Property(property: 'key', type: 'array', items: new OA\Items(type: 'string'), description: 'Right choices, where there were choices.'),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function answer(Request $request, int $turn): JsonResponse
    {
        $request->validate(['id' => ['required', 'string', 'max:40']]);
        if (strlen($request->getContent()) > 4000) {
            throw new InvalidInput('answer', 'That is too long for an answer.');
        }
        ['question' => $question, 'marked' => $marked] = (new PracticeOf($this->student($request)))->answer($turn, $request->string('id')->toString(), $request->input('answer'));
        $because = $marked->because();
        $key = $question->expected->kind() === 'choice' ? $question->expected->key() : [];

        return response()->json([
            'right' => $marked->isRight,
            'because' => $because === null ? null : Said::phrase($because),
            'explanation' => Said::phrase($question->explanation),
            'condition' => $question->condition === null ? null : Said::phrase($question->condition),
            'key' => $key,
        ]);
    }

    #[OA\Post(path: '/api/practice/{turn}/scale', operationId: 'practiceScale', summary: 'What the drawn scale of this question shows after these keys', parameters: [
        new OA\Parameter(name: 'turn', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['keys'], properties: [new OA\Property(property: 'keys', type: 'array', items: new OA\Items(type: 'string'))])), responses: [
        new OA\Response(response: 200, description: 'Its display.', content: new OA\JsonContent(required: ['on', 'unit', 'number', 'decimals', 'overload', 'has_bowl', 'poured', 'note'], properties: [
            new OA\Property(property: 'on', type: 'boolean'), new OA\Property(property: 'unit', type: 'string'), new OA\Property(property: 'number', type: 'number', nullable: true),
            new OA\Property(property: 'decimals', type: 'integer'), new OA\Property(property: 'overload', type: 'boolean'), new OA\Property(property: 'has_bowl', type: 'boolean'), new OA\Property(property: 'poured', type: 'boolean'), new OA\Property(property: 'note', type: 'string', nullable: true),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function scale(Request $request, int $turn): JsonResponse
    {
        $request->validate(['keys' => ['present', 'array', 'list', 'max:40'], 'keys.*' => ['string', 'max:12']]);
        $practice = new PracticeOf($this->student($request));
        $expected = $practice->question()->expected;
        if ($turn !== $practice->turn() || ! $expected instanceof Keys) {
            throw new Refusal('other_question');
        }
        $shown = $expected->shown(array_values($request->array('keys')));

        return response()->json([
            'on' => $shown->isOn, 'unit' => $shown->unit, 'number' => $shown->number(), 'decimals' => $shown->decimals(), 'overload' => $shown->isOverloaded(),
            'has_bowl' => $shown->hasBowl, 'poured' => $shown->isPoured, 'note' => $shown->note === null ? null : Said::phrase($shown->note),
        ]);
    }

    private function student(Request $request): Student
    {
        $student = $request->user();
        assert($student instanceof Student);

        return $student;
    }
}
