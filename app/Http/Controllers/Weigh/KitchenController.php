<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Http\Controllers\Controller;
use App\Http\Resources\KitchenResource;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class KitchenController extends Controller
{
    #[OA\Get(path: '/api/kitchen', operationId: 'kitchen', summary: 'What a student or a station has to do now. No target before its weight is in.', responses: [
        new OA\Response(response: 200, description: 'The lab at this station.', content: new OA\JsonContent(ref: '#/components/schemas/Kitchen')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401),
    ])]
    public function show(Request $request): KitchenResource
    {
        return new KitchenResource($request->user());
    }
}
