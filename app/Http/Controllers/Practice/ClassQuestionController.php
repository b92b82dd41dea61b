<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Requests\Practice\AnswerRequest;
use App\Http\Requests\Practice\ClassQuestionRequest;
use App\Http\Resources\Practice\AskedResource;
use App\Http\Resources\Practice\MarkedResource;
use App\Http\Resources\Practice\QuestionResource;
use App\Live\Live;
use App\Models\ClassQuestion;
use App\Models\Section;
use App\Models\Student;
use App\Practice\AskTheClass;
use App\Practice\PracticeOf;
use App\Words\Said;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Skill;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** One question for the whole class: on the wall, and on every student's device when the teacher asks it there. */
final class ClassQuestionController extends Controller
{
    #[OA\Get(path: '/api/sections/{section}/question', operationId: 'projectQuestion', summary: 'One question for the whole class, by the class\'s own drawer and cup', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(name: 'skill', in: 'query', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'seed', in: 'query', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(name: 'level', in: 'query', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'The question, and what is right for when it is shown.', content: new OA\JsonContent(required: ['question', 'skills', 'marked'], properties: [
            new OA\Property(property: 'question', ref: '#/components/schemas/PracticeQuestion', description: 'As turn 0.'),
            new OA\Property(property: 'skills', type: 'array', items: new OA\Items(required: ['id', 'said'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'said', type: 'string')])),
            new OA\Property(property: 'marked', ref: '#/components/schemas/PracticeMarked'),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function preview(ClassQuestionRequest $request, Section $section): JsonResponse
    {
        $question = Quiz::question($request->skill(), $request->integer('seed'), $section->practiceSetting($request->integer('level')));

        return response()->json([
            'question' => ['turn' => 0] + QuestionResource::fields($question) + ['done_today' => 0, 'a_day' => 0],
            'skills' => array_map(static fn (Skill $skill): array => ['id' => $skill->value, 'said' => Said::phrase($skill->said())], Skill::cases()),
            'marked' => MarkedResource::fields($question),
        ]);
    }

    #[OA\Get(path: '/api/sections/{section}/class-question', operationId: 'askedOfClass', summary: 'What is being asked on the class\'s devices', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'With how it was answered; null: nothing is asked.', content: new OA\JsonContent(required: ['asked'], properties: [new OA\Property(property: 'asked', ref: '#/components/schemas/AskedOfClass', nullable: true)])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function show(Section $section): JsonResponse
    {
        Gate::authorize('run', $section);

        return $this->asked(AskTheClass::now($section));
    }

    #[OA\Post(path: '/api/sections/{section}/class-question', operationId: 'askClass', summary: 'Ask it on the class\'s devices, in place of the one before', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['skill', 'level', 'seed'], properties: [
        new OA\Property(property: 'skill', type: 'string'), new OA\Property(property: 'level', type: 'integer'), new OA\Property(property: 'seed', type: 'integer'),
    ])), responses: [
        new OA\Response(response: 201, description: 'Asked.', content: new OA\JsonContent(required: ['asked'], properties: [new OA\Property(property: 'asked', ref: '#/components/schemas/AskedOfClass')])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function store(ClassQuestionRequest $request, Section $section): JsonResponse
    {
        return $this->asked(AskTheClass::ask($section, $request->skill(), $request->integer('level'), $request->integer('seed')), 201);
    }

    #[OA\Put(path: '/api/sections/{section}/class-question', operationId: 'showAnswerToClass', summary: 'Show the answer on the devices too; nobody answers after that', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'Shown.', content: new OA\JsonContent(required: ['asked'], properties: [new OA\Property(property: 'asked', ref: '#/components/schemas/AskedOfClass')])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function update(Section $section): JsonResponse
    {
        Gate::authorize('run', $section);
        $asked = AskTheClass::now($section) ?? abort(404);
        AskTheClass::show($asked);

        return $this->asked($asked);
    }

    #[OA\Delete(path: '/api/sections/{section}/class-question', operationId: 'endClassQuestion', summary: 'Take it off the devices; what was answered stays', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'Taken off.', content: new OA\JsonContent(required: ['asked'], properties: [new OA\Property(property: 'asked', ref: '#/components/schemas/AskedOfClass', nullable: true)])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function destroy(Section $section): JsonResponse
    {
        Gate::authorize('run', $section);
        AskTheClass::end($section);

        return $this->asked(null);
    }

    #[OA\Get(path: '/api/class-question', operationId: 'classQuestion', summary: 'What my class is being asked', responses: [
        new OA\Response(response: 200, description: 'Null: nothing just now.', content: new OA\JsonContent(required: ['section_id', 'asked'], properties: [
            new OA\Property(property: 'section_id', type: 'integer', description: 'To listen for the next one.'),
            new OA\Property(property: 'asked', nullable: true, required: ['id', 'question', 'answered', 'answer', 'marked'], type: 'object', properties: [
                new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'question', ref: '#/components/schemas/PracticeQuestion', description: 'As turn 0.'),
                new OA\Property(property: 'answered', type: 'boolean'), new OA\Property(property: 'answer', ref: '#/components/schemas/PracticeAnswer', nullable: true, description: 'As it was sent.'),
                new OA\Property(property: 'marked', ref: '#/components/schemas/PracticeMarked', nullable: true, description: 'Once the teacher shows the answer.'),
            ]),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401),
    ])]
    public function mine(Request $request): JsonResponse
    {
        $student = self::student($request);
        $asked = AskTheClass::now($student->section);

        return response()->json(['section_id' => $student->section_id, 'asked' => $asked === null ? null : self::forStudent($asked, new PracticeOf($student))]);
    }

    #[OA\Post(path: '/api/class-question/{asked}', operationId: 'answerWithClass', summary: 'My answer to it; kept once, and marked when the teacher shows the answer', parameters: [
        new OA\Parameter(name: 'asked', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['id', 'answer'], properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'answer', ref: '#/components/schemas/PracticeAnswer'),
    ])), responses: [
        new OA\Response(response: 204, description: 'Kept.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
        new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function answer(AnswerRequest $request, ClassQuestion $asked): JsonResponse
    {
        Gate::authorize('attend', $asked->section);
        (new PracticeOf(self::student($request)))->answerWithClass($asked, $request->questionId(), $request->answer());
        Live::tellClass($asked->section, 'answered');

        return response()->json(null, 204);
    }

    private function asked(?ClassQuestion $asked, int $status = 200): JsonResponse
    {
        return response()->json(['asked' => AskedResource::fields($asked)], $status);
    }

    /** @return array<string, mixed> */
    private static function forStudent(ClassQuestion $asked, PracticeOf $practice): array
    {
        $question = $asked->question();
        $mine = $practice->answered($asked);

        return [
            'id' => $asked->id,
            'question' => ['turn' => 0] + QuestionResource::fields($question) + ['done_today' => 0, 'a_day' => 0],
            'answered' => $mine !== null,
            'answer' => $mine?->answer,
            'marked' => $asked->shown_at === null ? null : MarkedResource::fields($question, $mine?->marked()),
        ];
    }

    private static function student(Request $request): Student
    {
        $student = $request->user();
        assert($student instanceof Student);

        return $student;
    }
}
