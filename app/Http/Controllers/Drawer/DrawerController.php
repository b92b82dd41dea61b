<?php

declare(strict_types=1);

namespace App\Http\Controllers\Drawer;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Drawer\ScaleRequest;
use App\Http\Requests\Drawer\ToolRequest;
use App\Http\Resources\Drawer\DrawerResource;
use App\Models\Kitchen;
use App\Models\Teacher;
use App\Models\Weighing;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** What the kitchen owns. All of it goes through the teacher's own kitchen, so another's is not found. */
final class DrawerController extends Controller
{
    #[OA\Get(path: '/api/drawer', operationId: 'drawer', summary: 'Tools and scales of the kitchen, and the catalogue to choose from', responses: [
        new OA\Response(response: 200, description: 'The drawer.', content: new OA\JsonContent(ref: '#/components/schemas/Drawer')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401),
    ])]
    public function show(Request $request): DrawerResource
    {
        return new DrawerResource(self::kitchen($request));
    }

    #[OA\Put(path: '/api/drawer/tools/{id}', operationId: 'keepTool', summary: 'How many of a tool the kitchen owns, and where', parameters: [
        new OA\Parameter(name: 'id', in: 'path', required: true, description: 'Of the catalogue.', schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['count', 'place'], properties: [
        new OA\Property(property: 'count', type: 'integer', description: '0: none any more.'), new OA\Property(property: 'place', type: 'string', nullable: true),
    ])), responses: [
        new OA\Response(response: 204, description: 'Kept.'), new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function keepTool(ToolRequest $request, string $id): Response
    {
        $tools = self::kitchen($request)->tools();
        if ($request->integer('count') === 0) {
            $tools->where('catalogue_id', $id)->delete();
        } else {
            $tools->updateOrCreate(['catalogue_id' => $id], ['count' => $request->integer('count'), 'place' => $request->input('place')]);
        }

        return response()->noContent();
    }

    #[OA\Post(path: '/api/drawer/scales', operationId: 'addScale', summary: 'Another scale', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name', 'catalogue_id'], properties: [
        new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'catalogue_id', type: 'string'),
    ])), responses: [
        new OA\Response(response: 204, description: 'Added.'), new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function addScale(ScaleRequest $request): Response
    {
        self::kitchen($request)->scales()->create($request->validated());

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/drawer/scales/{scale}', operationId: 'dropScale', summary: 'A scale is gone that nothing was weighed on', parameters: [
        new OA\Parameter(name: 'scale', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Gone.'), new OA\Response(ref: '#/components/responses/SignedOut', response: 401),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Refused', response: 409),
    ])]
    public function dropScale(Request $request, int $scale): Response
    {
        $own = self::kitchen($request)->scales()->findOrFail($scale);
        if (Weighing::query()->where('scale_id', $own->id)->exists()) {
            throw new Refusal('scale_has_weighed');
        }
        $own->delete();

        return response()->noContent();
    }

    private static function kitchen(Request $request): Kitchen
    {
        /** @var Teacher $teacher */
        $teacher = $request->user();

        return $teacher->kitchen;
    }
}
