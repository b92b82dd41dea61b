<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Requests\Pantry\OwnWeightRequest;
use App\Http\Resources\Pantry\PantryResource;
use App\Models\Teacher;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class PantryController extends Controller
{
    #[OA\Get(path: '/api/pantry', operationId: 'pantry', summary: 'Every ingredient with its family, weights, handlings, source', responses: [
        new OA\Response(response: 200, description: 'The pantry.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/PantryEntry'))),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401),
    ])]
    public function index(Request $request): PantryResource
    {
        /** @var Teacher $teacher */
        $teacher = $request->user();

        return new PantryResource($teacher->kitchen->load('ownWeights.teacher'));
    }

    #[OA\Put(path: '/api/pantry/{ingredient}', operationId: 'ownWeight', summary: "The kitchen's own weight instead of the reference's, with a reason", parameters: [
        new OA\Parameter(name: 'ingredient', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['grams', 'reason'], properties: [
        new OA\Property(property: 'grams', type: 'string', description: 'Of a US cup; of a piece where it is counted.'), new OA\Property(property: 'reason', type: 'string'),
    ])), responses: [
        new OA\Response(response: 204, description: 'Kept; labs opened before do not change.'), new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function update(OwnWeightRequest $request, string $ingredient): Response
    {
        /** @var Teacher $teacher */
        $teacher = $request->user();
        $teacher->kitchen->ownWeights()->updateOrCreate(['ingredient_id' => $ingredient], $request->weights() + ['teacher_id' => $teacher->id, 'reason' => $request->string('reason')->toString()]);

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/pantry/{ingredient}', operationId: 'backToReference', summary: 'Back to the reference weight', parameters: [
        new OA\Parameter(name: 'ingredient', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [new OA\Response(response: 204, description: 'Back.'), new OA\Response(ref: '#/components/responses/SignedOut', response: 401)])]
    public function destroy(Request $request, string $ingredient): Response
    {
        /** @var Teacher $teacher */
        $teacher = $request->user();
        $teacher->kitchen->ownWeights()->where('ingredient_id', $ingredient)->delete();

        return response()->noContent();
    }
}
