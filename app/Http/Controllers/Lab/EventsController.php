<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lab\EventRequest;
use App\Http\Resources\KitchenResource;
use App\Labs\RecordEvent;
use App\Models\Lab;
use App\Models\LabEvent;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Hovik\Core\InvalidInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'StoredAtStation', required: ['id', 'kitchen'], properties: [
    new OA\Property(property: 'id', type: 'string', description: 'As the device sent it: the proof that this is our answer.'), new OA\Property(property: 'kitchen', ref: '#/components/schemas/Kitchen'),
])]
/** What happens at stations besides weighing: told by the station, or by the teacher who walks round. */
final class EventsController extends Controller
{
    #[OA\Put(path: '/api/events/{event}', operationId: 'stationEvent', summary: 'Something happened at this station; sent twice it is stored once', parameters: [
        new OA\Parameter(name: 'event', in: 'path', required: true, description: 'ULID made on the device.', schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/LabEventSent')), responses: [
        new OA\Response(response: 200, description: 'Stored.', content: new OA\JsonContent(ref: '#/components/schemas/StoredAtStation')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function ofStation(EventRequest $request, RecordEvent $recording): JsonResponse
    {
        $actor = $request->user();
        $station = $actor instanceof Station ? $actor : ($actor instanceof Student ? $actor->station : null);
        // Sent again after the lab was closed: it was stored then.
        $lab = LabEvent::query()->find($request->ulid())->lab ?? $station?->section->openLab;
        if ($station === null) {
            throw new Refusal('not_seated');
        }
        Gate::authorize('weigh', $lab ?? throw new Refusal('lab_not_open'));
        if (! $request->kind()->isForStations()) {
            throw new InvalidInput('kind', __('refusals.teachers_only'));
        }
        $student = $actor instanceof Student ? $actor : $station->students()->find($request->integer('student_id'));
        $recording->record($request->ulid(), $lab, $station, $request->kind(), $request->line($lab), $request->detail(), $student);

        return response()->json(['id' => $request->input('id'), 'kitchen' => new KitchenResource($actor)]);
    }

    #[OA\Put(path: '/api/labs/{lab}/events/{event}', operationId: 'teacherEvent', summary: 'The teacher checks, sends back, releases, sees, notes', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'event', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/LabEventSent')), responses: [
        new OA\Response(response: 204, description: 'Stored.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
        new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function ofTeacher(EventRequest $request, Lab $lab, RecordEvent $recording): Response
    {
        Gate::authorize('watch', $lab); // an aide answers checks, too
        if (! $request->kind()->isForTeachers()) {
            throw new InvalidInput('kind', __('refusals.stations_only'));
        }
        $teacher = $request->user();
        $recording->record($request->ulid(), $lab, $request->station($lab), $request->kind(), $request->line($lab), $request->detail(), $teacher instanceof Teacher ? $teacher : null);

        return response()->noContent();
    }
}
