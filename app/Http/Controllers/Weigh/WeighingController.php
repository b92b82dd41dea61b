<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Http\Controllers\Controller;
use App\Http\Requests\Weigh\WeighInRequest;
use App\Http\Resources\VerdictResource;
use App\Models\Weighing;
use App\Weighings\RecordWeighing;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class WeighingController extends Controller
{
    #[OA\Put(path: '/api/weighings/{weighing}', operationId: 'weighIn', summary: 'Store a weigh-in under the ULID its device made; sending it again stores nothing more', parameters: [
        new OA\Parameter(name: 'weighing', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['line_id', 'student_id', 'scale_id', 'ticked'], properties: [
        new OA\Property(property: 'line_id', type: 'integer'), new OA\Property(property: 'student_id', type: 'integer', nullable: true), new OA\Property(property: 'scale_id', type: 'integer', nullable: true),
        new OA\Property(property: 'grams', type: 'string', nullable: true, description: 'As typed; decimal point or comma. Not given where the cup is weighed full and empty.'),
        new OA\Property(property: 'full_g', type: 'string', nullable: true), new OA\Property(property: 'empty_g', type: 'string', nullable: true),
        new OA\Property(property: 'together', type: 'integer', nullable: true, description: 'So many level measures on the scale at once; 1 where not given.'),
        new OA\Property(property: 'predicted', type: 'string', nullable: true, enum: ['level', 'heaped', 'shy'], description: 'What the student expected.'),
        new OA\Property(property: 'source', type: 'string', nullable: true, enum: ['typed', 'scale', 'practice', 'paper'], description: 'typed where not given'),
        new OA\Property(property: 'ticked', type: 'array', items: new OA\Items(type: 'string'), description: 'Step ids seen done.'),
    ])), responses: [
        new OA\Response(response: 201, description: 'Stored now.', content: new OA\JsonContent(ref: '#/components/schemas/Verdict')),
        new OA\Response(response: 200, description: 'Was stored before.', content: new OA\JsonContent(ref: '#/components/schemas/Verdict')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function update(WeighInRequest $request, RecordWeighing $recording): JsonResponse
    {
        $weighing = $recording->record($request->ulid(), $request->line(), $request->station(), $request->student(), $request->scale(), $request->reading(), $request->ticked(), $request->more());

        return (new VerdictResource($weighing))->response()->setStatusCode($weighing->wasRecentlyCreated ? 201 : 200);
    }

    #[OA\Get(path: '/api/weighings/{weighing}', operationId: 'verdict', summary: 'The verdict of a stored weigh-in', parameters: [
        new OA\Parameter(name: 'weighing', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Its verdict.', content: new OA\JsonContent(ref: '#/components/schemas/Verdict')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function show(Weighing $weighing): VerdictResource
    {
        Gate::authorize('view', $weighing);

        return new VerdictResource($weighing);
    }
}
