<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Http\Controllers\Controller;
use App\Http\Resources\BoardResource;
use App\Models\Lab;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class BoardController extends Controller
{
    #[OA\Get(path: '/api/labs/{lab}/board', operationId: 'board', summary: 'Stations by ingredients, with every weighing', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'The board.', content: new OA\JsonContent(ref: '#/components/schemas/Board')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function show(Lab $lab): BoardResource
    {
        Gate::authorize('watch', $lab);

        return new BoardResource($lab);
    }
}
