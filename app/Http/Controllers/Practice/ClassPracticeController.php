<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Resources\Practice\ClassPracticeResource;
use App\Http\Resources\Practice\QuestionResource;
use App\Models\Section;
use App\Practice\ClassPractice;
use App\Words\Said;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class ClassPracticeController extends Controller
{
    #[OA\Get(path: '/api/sections/{section}/practice', operationId: 'classPractice', summary: 'How ready a class is for its lab', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'Students by the skills that its lines ask for.', content: new OA\JsonContent(ref: '#/components/schemas/ClassPractice')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function show(Section $section): ClassPracticeResource
    {
        Gate::authorize('run', $section);

        return new ClassPracticeResource(ClassPractice::of($section));
    }

    #[OA\Get(path: '/api/sections/{section}/question', operationId: 'projectQuestion', summary: 'One question for the whole class to answer on paper, by the class\'s own drawer and cup', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(name: 'skill', in: 'query', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'seed', in: 'query', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(name: 'level', in: 'query', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'The question, and what is right for when it is shown.', content: new OA\JsonContent(required: ['question', 'skills', 'explanation', 'condition', 'key'], properties: [
            new OA\Property(property: 'question', ref: '#/components/schemas/PracticeQuestion', description: 'As turn 0.'),
            new OA\Property(property: 'skills', type: 'array', items: new OA\Items(required: ['id', 'said'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'said', type: 'string')])),
            new OA\Property(property: 'explanation', type: 'string'), new OA\Property(property: 'condition', type: 'string', nullable: true),
            new OA\Property(property: 'key', type: 'array', items: new OA\Items(type: 'string'), description: 'Right choices, or steps in order, where there are choices.'),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function question(Request $request, Section $section): JsonResponse
    {
        Gate::authorize('run', $section);
        $request->validate(['skill' => ['required', 'string', 'max:24'], 'seed' => ['required', 'integer', 'min:1', 'max:999999'], 'level' => ['required', 'integer', 'between:1,'.Setting::LEVELS]]);
        $setting = Setting::of($request->integer('level'), $section->standard, $section->kitchen->drawer($section->standard), $section->schoolsSettled(), $section->kitchen->pantry());
        $question = Quiz::question(Skill::named($request->string('skill')->toString()), $request->integer('seed'), $setting);
        $key = $question->expected->key();

        return response()->json([
            'question' => ['turn' => 0] + QuestionResource::fields($question) + ['done_today' => 0, 'a_day' => 0],
            'skills' => array_map(static fn (Skill $skill): array => ['id' => $skill->value, 'said' => Said::phrase($skill->said())], Skill::cases()),
            'explanation' => Said::phrase($question->explanation),
            'condition' => $question->condition === null ? null : Said::phrase($question->condition),
            'key' => match ($question->expected->kind()) {
                'choice' => $key,
                'order' => $key[0],
                default => [],
            },
        ]);
    }
}
