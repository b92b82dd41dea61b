<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Classes\Code;
use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\ColleagueRequest;
use App\Http\Requests\Classes\StationRequest;
use App\Http\Requests\Classes\StudentRequest;
use App\Live\Live;
use App\Models\Colleague;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use App\Models\Weighing;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Who sits where, who may come in, who helps. */
final class SeatsController extends Controller
{
    #[OA\Post(path: '/api/sections/{section}/stations', operationId: 'addStation', summary: 'Another station, with a code for its tablet', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name'], properties: [new OA\Property(property: 'name', type: 'string')])), responses: [
        new OA\Response(response: 204, description: 'Added.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function addStation(StationRequest $request, Section $section): Response
    {
        Gate::authorize('run', $section);
        $section->stations()->create($request->validated() + ['position' => 1 + (int) $section->stations()->max('position'), 'code' => Code::ofStation()]);
        Live::tellSeats($section);

        return response()->noContent();
    }

    #[OA\Put(path: '/api/sections/{section}/stations/{station}', operationId: 'changeStation', summary: 'Rename a station, say what its bowl weighs, or give its card a new code', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'station', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name'], properties: [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'bowl_g', type: 'number', nullable: true), new OA\Property(property: 'renew', type: 'boolean')])), responses: [
        new OA\Response(response: 204, description: 'Kept.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function changeStation(StationRequest $request, Section $section, Station $station): Response
    {
        Gate::authorize('run', $section);
        $station->update($request->validated() + ($request->boolean('renew') ? ['code' => Code::ofStation()] : []));
        Live::tellSeats($section);

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/sections/{section}/stations/{station}', operationId: 'dropStation', summary: 'Take a station away that has weighed nothing', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'station', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Gone; its students have no station.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/Refused', response: 409),
    ])]
    public function dropStation(Section $section, Station $station): Response
    {
        Gate::authorize('run', $section);
        if (Weighing::query()->where('station_id', $station->id)->exists()) {
            throw new Refusal('station_has_weighed');
        }
        $station->delete();
        Live::tellSeats($section);

        return response()->noContent();
    }

    #[OA\Put(path: '/api/sections/{section}/students/{student}', operationId: 'changeStudent', summary: "A student's name and seat, or a PIN taken back", parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'student', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name', 'station_id'], properties: [
        new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'station_id', type: 'integer', nullable: true), new OA\Property(property: 'reset_pin', type: 'boolean'),
    ])), responses: [
        new OA\Response(response: 204, description: 'Kept.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function changeStudent(StudentRequest $request, Section $section, Student $student): Response
    {
        Gate::authorize('run', $section);
        $student->update($request->safe()->only(['name', 'station_id']) + ($request->boolean('reset_pin') ? ['pin' => null] : []));
        Live::tellSeats($section);

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/sections/{section}/students/{student}', operationId: 'eraseStudent', summary: 'Erase a student and all that was weighed in their name', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'student', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Erased.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
    ])]
    public function eraseStudent(Section $section, Student $student): Response
    {
        Gate::authorize('run', $section);
        $student->delete();
        Live::tellSeats($section);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/sections/{section}/colleagues', operationId: 'addColleague', summary: 'A co-teacher or an aide, by the e-mail they sign in with', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['email', 'role'], properties: [
        new OA\Property(property: 'email', type: 'string'), new OA\Property(property: 'role', type: 'string', enum: ['co-teacher', 'aide']),
    ])), responses: [
        new OA\Response(response: 204, description: 'Added.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function addColleague(ColleagueRequest $request, Section $section): Response
    {
        Gate::authorize('run', $section);
        $section->colleagues()->updateOrCreate(['teacher_id' => $request->colleague($section)->id], ['role' => $request->string('role')->toString()]);

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/sections/{section}/colleagues/{colleague}', operationId: 'dropColleague', summary: 'Someone no longer helps with a class', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'colleague', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Gone.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
    ])]
    public function dropColleague(Section $section, Colleague $colleague): Response
    {
        Gate::authorize('run', $section);
        $colleague->delete();

        return response()->noContent();
    }
}
