<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Classes\Code;
use App\Classes\ImportRoster;
use App\Exchange\Roster;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\ClassRequest;
use App\Http\Requests\Classes\NewClassRequest;
use App\Http\Requests\Classes\RosterRequest;
use App\Http\Resources\Classes\ClassResource;
use App\Live\Live;
use App\Models\Section;
use App\Models\Teacher;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class ClassesController extends Controller
{
    #[OA\Post(path: '/api/sections', operationId: 'makeClass', summary: 'Make a class', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name', 'starts_at', 'ends_at'], properties: [
        new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'starts_at', type: 'string', example: '10:05'), new OA\Property(property: 'ends_at', type: 'string', example: '10:52'),
    ])), responses: [
        new OA\Response(response: 201, description: 'Made, with a code and no stations yet.', content: new OA\JsonContent(required: ['id'], properties: [new OA\Property(property: 'id', type: 'integer')])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function store(NewClassRequest $request): JsonResponse
    {
        /** @var Teacher $teacher */
        $teacher = $request->user();
        $section = Section::query()->create($request->validated() + ['kitchen_id' => $teacher->kitchen_id, 'teacher_id' => $teacher->id, 'code' => Code::ofClass(), 'methods' => []]);

        return response()->json(['id' => $section->id], 201);
    }

    #[OA\Post(path: '/api/sections/import', operationId: 'importClasses', summary: 'Classes from a OneRoster classes.csv, those that are not there yet', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['text'], properties: [
        new OA\Property(property: 'text', type: 'string'),
    ])), responses: [
        new OA\Response(response: 201, description: 'Made; their times are to be set.', content: new OA\JsonContent(required: ['made'], properties: [new OA\Property(property: 'made', type: 'array', items: new OA\Items(type: 'string'))])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function import(Request $request): JsonResponse
    {
        $request->validate(['text' => ['required', 'string', 'max:600000']]);
        /** @var Teacher $teacher */
        $teacher = $request->user();
        $titles = Roster::classes($request->string('text')->toString());
        if (is_string($titles)) {
            throw ValidationException::withMessages(['text' => [__("roster.$titles")]]);
        }
        $there = $teacher->classes()->pluck('name')->all();
        $made = array_values(array_filter($titles, static fn (string $title): bool => ! in_array($title, $there, true)));
        DB::transaction(function () use ($made, $teacher): void {
            foreach ($made as $title) {
                Section::query()->create(['name' => $title, 'starts_at' => '08:00', 'ends_at' => '08:47', 'kitchen_id' => $teacher->kitchen_id, 'teacher_id' => $teacher->id, 'code' => Code::ofClass(), 'methods' => []]);
            }
        });

        return response()->json(['made' => $made], 201);
    }

    #[OA\Get(path: '/api/sections/{section}', operationId: 'class', summary: 'A class: settings, roster, stations, codes', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'The class.', content: new OA\JsonContent(ref: '#/components/schemas/Class')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function show(Section $section): ClassResource
    {
        Gate::authorize('run', $section);

        return new ClassResource($section);
    }

    #[OA\Put(path: '/api/sections/{section}', operationId: 'changeClass', summary: 'Settings of a class', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ClassSettings')), responses: [
        new OA\Response(response: 204, description: 'Kept.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function update(ClassRequest $request, Section $section): Response
    {
        Gate::authorize('run', $section);
        $section->update($request->validated());

        return response()->noContent();
    }

    #[OA\Post(path: '/api/sections/{section}/code', operationId: 'renewClassCode', summary: 'A new class code; the old one is worth nothing from now on', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Renewed.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function renewCode(Section $section): Response
    {
        Gate::authorize('run', $section);
        $section->update(['code' => Code::ofClass()]);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/sections/{section}/roster', operationId: 'importRoster', summary: 'Names pasted, a CSV file or OneRoster users.csv: first looked at, then taken whole or not at all', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['text', 'look'], properties: [
        new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'look', type: 'boolean', description: 'True: only say what it holds.'),
    ])), responses: [
        new OA\Response(response: 200, description: 'What it holds.', content: new OA\JsonContent(required: ['students', 'faults'], properties: [
            new OA\Property(property: 'students', type: 'array', items: new OA\Items(required: ['row', 'name', 'number'], type: 'object', properties: [
                new OA\Property(property: 'row', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'number', type: 'integer', nullable: true),
            ])),
            new OA\Property(property: 'faults', type: 'array', items: new OA\Items(required: ['row', 'text'], type: 'object', properties: [
                new OA\Property(property: 'row', type: 'integer', description: '0: the file as a whole.'), new OA\Property(property: 'text', type: 'string'),
            ])),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function roster(RosterRequest $request, Section $section, ImportRoster $importing): JsonResponse
    {
        Gate::authorize('run', $section);
        $preview = $importing->preview($section, $request->text());
        if (! $request->boolean('look')) {
            if ($preview['faults'] !== []) {
                throw ValidationException::withMessages(['text' => array_map(static fn (array $fault): string => $fault['row'] === 0 ? $fault['text'] : __('refusals.row', ['row' => $fault['row']]).' '.$fault['text'], $preview['faults'])]);
            }
            $importing->import($section, $preview['students']);
            Live::tellSeats($section);
        }

        return response()->json($preview);
    }
}
