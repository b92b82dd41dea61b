<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Requests\Practice\TaskRequest;
use App\Http\Resources\Practice\ClassPracticeResource;
use App\Models\PracticeTask;
use App\Models\Section;
use App\Models\Student;
use App\Practice\ClassPractice;
use App\Practice\PracticeOf;
use App\Practice\SetPractice;
use App\Words\Said;
use Hovik\Core\Practice\Aim;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Practice set by a teacher: for the class or for one student, until a day. */
final class TasksController extends Controller
{
    #[OA\Post(path: '/api/sections/{section}/tasks', operationId: 'setPractice', summary: 'Set practice for the class, or for one student', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['aims', 'due_on'], properties: [
        new OA\Property(property: 'aims', type: 'array', description: 'Skills and safety points.', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'student_id', type: 'integer', nullable: true, description: 'Null: the whole class.'), new OA\Property(property: 'due_on', type: 'string', format: 'date'),
    ])), responses: [
        new OA\Response(response: 201, description: 'Set.', content: new OA\JsonContent(ref: '#/components/schemas/ClassPractice')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function store(TaskRequest $request, Section $section): JsonResponse
    {
        $section->practiceTasks()->create($request->kept());

        return (new ClassPracticeResource(ClassPractice::of($section->refresh())))->response($request)->setStatusCode(201);
    }

    #[OA\Delete(path: '/api/sections/{section}/tasks/{task}', operationId: 'withdrawPractice', summary: 'Take set practice back', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'task', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'Taken back; what was answered stays.', content: new OA\JsonContent(ref: '#/components/schemas/ClassPractice')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function destroy(Section $section, PracticeTask $task): ClassPracticeResource
    {
        Gate::authorize('run', $section);
        $task->delete();

        return new ClassPracticeResource(ClassPractice::of($section->refresh()));
    }

    #[OA\Get(path: '/api/practice/tasks', operationId: 'practiceTasks', summary: 'What has been set for this student', responses: [
        new OA\Response(response: 200, description: 'Due first comes first.', content: new OA\JsonContent(required: ['tasks'], properties: [
            new OA\Property(property: 'tasks', type: 'array', items: new OA\Items(required: ['id', 'due_on', 'done', 'late', 'aims'], type: 'object', properties: [
                new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'due_on', type: 'string', format: 'date'), new OA\Property(property: 'done', type: 'boolean'), new OA\Property(property: 'late', type: 'boolean'),
                new OA\Property(property: 'aims', type: 'array', items: new OA\Items(required: ['id', 'said', 'shown'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'shown', type: 'boolean')])),
            ])),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401),
    ])]
    public function index(Request $request): JsonResponse
    {
        /** @var Student $student */
        $student = $request->user();
        $practice = new PracticeOf($student);
        $boxes = $practice->boxes();

        return response()->json(['tasks' => $practice->tasks()->map(static fn (PracticeTask $task): array => [
            'id' => $task->id,
            'due_on' => $task->due_on->toDateString(),
            'done' => SetPractice::isDone($task, $boxes),
            'late' => ! SetPractice::isDone($task, $boxes) && $task->due_on->toDateString() < $practice->today()->toDateString(),
            'aims' => array_map(static fn (Aim $aim): array => ['id' => $aim->id(), 'said' => Said::phrase($aim->said()), 'shown' => $boxes->hasShown($aim)], $task->aimed()),
        ])->all()]);
    }
}
