<?php

declare(strict_types=1);

namespace App\Http\Controllers\Join;

use App\Auth\Door;
use App\Http\Controllers\Controller;
use App\Http\Middleware\EndsWithItsLab;
use App\Http\Requests\Join\StationJoinRequest;
use App\Http\Resources\SessionResource;
use App\Models\Station;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class StationSessionController extends Controller
{
    #[OA\Post(path: '/api/station/session', operationId: 'stationSignIn', summary: 'A shared tablet signs in as a station, by the code on its card', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['code'], properties: [
        new OA\Property(property: 'code', type: 'string'),
    ])), responses: [
        new OA\Response(response: 200, description: 'Signed in.', content: new OA\JsonContent(ref: '#/components/schemas/Session')),
        new OA\Response(ref: '#/components/responses/Invalid', response: 422), new OA\Response(ref: '#/components/responses/TooMany', response: 429),
    ])]
    public function store(StationJoinRequest $request): SessionResource
    {
        // As people type it from a card: any case, with or without the gap in the middle.
        $code = strtoupper((string) preg_replace('/[\s-]+/', '', $request->string('code')->toString()));
        $station = Station::query()->where('code', $code)->first()
            ?? throw ValidationException::withMessages(['code' => [__('refusals.no_such_station')]]);

        Door::enter($request, 'station', $station);
        $request->session()->put(EndsWithItsLab::SIGNED_IN_AT, now()->toDateTimeString());

        return new SessionResource(null);
    }
}
