<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Http\Controllers\Controller;
use App\Http\Resources\Weigh\CausesResource;
use App\Models\Guess;
use App\Models\Weighing;
use App\Weighings\Diagnose;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class CausesController extends Controller
{
    #[OA\Get(path: '/api/weighings/{weighing}/causes', operationId: 'causes', summary: 'What a weighing may come from, and what it would do to the bake', parameters: [
        new OA\Parameter(name: 'weighing', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Likeliest first.', content: new OA\JsonContent(ref: '#/components/schemas/Causes')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function show(Weighing $weighing, Diagnose $diagnosing): CausesResource
    {
        Gate::authorize('view', $weighing);

        return new CausesResource($weighing, $diagnosing->of($weighing));
    }

    #[OA\Put(path: '/api/weighings/{weighing}/guess', operationId: 'guessCause', summary: 'The cause the student believes in; the first one stays', parameters: [
        new OA\Parameter(name: 'weighing', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['cause'], properties: [new OA\Property(property: 'cause', type: 'string')])), responses: [
        new OA\Response(response: 200, description: 'Kept; now compare.', content: new OA\JsonContent(ref: '#/components/schemas/Causes')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function guess(Request $request, Weighing $weighing, Diagnose $diagnosing): CausesResource
    {
        Gate::authorize('view', $weighing);
        $request->validate(['cause' => ['required', 'string', 'max:24']]);
        $diagnosis = $diagnosing->of($weighing);
        $cause = $request->string('cause')->toString();
        if (! in_array($cause, array_column($diagnosis->causes, 'cause'), true)) {
            throw ValidationException::withMessages(['cause' => [__('refusals.no_such_cause')]]);
        }
        Guess::query()->insertOrIgnore(['weighing_id' => $weighing->id, 'cause' => $cause, 'created_at' => now()->format('Y-m-d H:i:s.v')]);

        return new CausesResource($weighing, $diagnosis);
    }
}
