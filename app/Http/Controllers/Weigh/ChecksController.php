<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Weigh\CheckRequest;
use App\Http\Resources\KitchenResource;
use App\Live\Live;
use App\Models\Station;
use App\Models\StationCheck;
use App\Models\Student;
use Hovik\Core\Safety\StationCheck as Kind;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** A station's set-up before anything is measured, and its clean-up at the end; each recorded once. */
final class ChecksController extends Controller
{
    #[OA\Put(path: '/api/kitchen/checks/{kind}', operationId: 'checkStation', summary: 'The station is set up, or cleaned up: all of its list is ticked', parameters: [
        new OA\Parameter(name: 'kind', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: ['set-up', 'clean-up'])),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['id', 'lab_id', 'ticked'], properties: [
        new OA\Property(property: 'id', type: 'string', description: 'Comes back with the answer.'),
        new OA\Property(property: 'lab_id', type: 'integer'), new OA\Property(property: 'ticked', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'student_id', type: 'integer', nullable: true, description: 'Who ticked it, where the tablet knows.'),
    ])), responses: [
        new OA\Response(response: 200, description: 'Recorded; sent again it stays as it was.', content: new OA\JsonContent(ref: '#/components/schemas/StoredAtStation')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
        new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function update(CheckRequest $request, Kind $kind): JsonResponse
    {
        $actor = $request->user();
        $station = $actor instanceof Station ? $actor : ($actor instanceof Student ? $actor->station : null);
        $lab = StationCheck::labFor($station ?? throw new Refusal('not_seated'), $kind) ?? throw new Refusal('lab_not_open');
        if ($lab->id !== $request->integer('lab_id')) {
            throw new Refusal('lab_not_open'); // it was kept on the tablet since another lab
        }
        Gate::authorize('weigh', $lab);
        $kind->require($request->ticked(), $lab->allergens());
        $stored = StationCheck::query()->insertOrIgnore([
            'lab_id' => $lab->id, 'station_id' => $station->id, 'student_id' => $request->studentOf($station)?->id, 'kind' => $kind->value,
            'ticked' => json_encode($request->ticked(), JSON_THROW_ON_ERROR), 'created_at' => now()->format('Y-m-d H:i:s.v'),
        ]);
        $lab->unsetRelation('checks'); // read again: it is there now
        if ($stored > 0) {
            Live::tell($lab, 'station-checked', ['station' => $station->id, 'kind' => $kind->value]);
        }

        return response()->json(['id' => $request->input('id'), 'kitchen' => new KitchenResource($actor)]);
    }
}
