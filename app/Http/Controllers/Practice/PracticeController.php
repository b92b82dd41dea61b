<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Practice\AnswerRequest;
use App\Http\Resources\Practice\MarkedResource;
use App\Http\Resources\Practice\QuestionResource;
use App\Models\Student;
use App\Practice\AskTheClass;
use App\Practice\PracticeOf;
use App\Words\Said;
use Hovik\Core\Practice\Expect\Keys;
use Hovik\Core\Practice\Question;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
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
        new OA\Property(property: 'answer', ref: '#/components/schemas/PracticeAnswer'),
    ])), responses: [
        new OA\Response(response: 200, description: 'Marked, with what is right and why.', content: new OA\JsonContent(ref: '#/components/schemas/PracticeMarked')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function answer(AnswerRequest $request, int $turn): JsonResponse
    {
        ['question' => $question, 'marked' => $marked] = (new PracticeOf($this->student($request)))->answer($turn, $request->questionId(), $request->answer());

        return response()->json(MarkedResource::fields($question, $marked));
    }

    #[OA\Post(path: '/api/practice/scale', operationId: 'practiceScale', summary: 'What the drawn scale of a question shows after these keys',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['id', 'keys'], properties: [
            new OA\Property(property: 'id', type: 'string', description: 'Of the question that comes now, or of what the class is asked.'), new OA\Property(property: 'keys', type: 'array', items: new OA\Items(type: 'string')),
        ])), responses: [
            new OA\Response(response: 200, description: 'Its display.', content: new OA\JsonContent(required: ['on', 'unit', 'number', 'decimals', 'overload', 'has_bowl', 'poured', 'note'], properties: [
                new OA\Property(property: 'on', type: 'boolean'), new OA\Property(property: 'unit', type: 'string'), new OA\Property(property: 'number', type: 'number', nullable: true),
                new OA\Property(property: 'decimals', type: 'integer'), new OA\Property(property: 'overload', type: 'boolean'), new OA\Property(property: 'has_bowl', type: 'boolean'), new OA\Property(property: 'poured', type: 'boolean'), new OA\Property(property: 'note', type: 'string', nullable: true),
            ])),
            new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
        ])]
    public function scale(Request $request): JsonResponse
    {
        $request->validate(['id' => ['required', 'string', 'max:40'], 'keys' => ['present', 'array', 'list', 'max:40'], 'keys.*' => ['string', 'max:12']]);
        $student = $this->student($request);
        $asked = [(new PracticeOf($student))->question(), AskTheClass::now($student->section)?->question()];
        $expected = Arr::first($asked, static fn (?Question $one): bool => $one?->id() === $request->input('id'))?->expected;
        if (! $expected instanceof Keys) {
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
