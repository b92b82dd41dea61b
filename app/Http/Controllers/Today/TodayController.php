<?php

declare(strict_types=1);

namespace App\Http\Controllers\Today;

use App\Http\Controllers\Controller;
use App\Http\Resources\TodayResource;
use App\Models\Teacher;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class TodayController extends Controller
{
    #[OA\Get(path: '/api/today', operationId: 'today', summary: "The teacher's classes, their labs, and what needs a hand", responses: [
        new OA\Response(response: 200, description: 'Today.', content: new OA\JsonContent(ref: '#/components/schemas/Today')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401),
    ])]
    public function show(Request $request): TodayResource
    {
        /** @var Teacher $teacher */
        $teacher = $request->user();

        $teacher->setRelation('sections', $teacher->classes()->load([
            'labs' => fn (Relation $labs) => $labs->getQuery()->whereNull('archived_at'), 'labs.items', 'stations',
        ]));

        return new TodayResource($teacher->load('kitchen.scales'));
    }
}
