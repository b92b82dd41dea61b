<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Requests\Pantry\MeasureRequest;
use App\Http\Requests\Pantry\NewIngredientRequest;
use App\Http\Requests\Pantry\OwnWeightRequest;
use App\Http\Resources\Pantry\PantryResource;
use App\Models\Teacher;
use App\Words\Said;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\JsonResponse;
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

    #[OA\Post(path: '/api/pantry', operationId: 'addIngredient', summary: 'A food the reference does not know', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name', 'family', 'grams', 'allergens', 'reason'], properties: [
        new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'family', type: 'string'), new OA\Property(property: 'grams', type: 'string', description: 'Of a US cup; of a piece where it is counted.'),
        new OA\Property(property: 'allergens', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'reason', type: 'string'),
    ])), responses: [
        new OA\Response(response: 201, description: 'Added.', content: new OA\JsonContent(required: ['id'], properties: [new OA\Property(property: 'id', type: 'string')])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function store(NewIngredientRequest $request): JsonResponse
    {
        /** @var Teacher $teacher */
        $teacher = $request->user();
        $new = $request->ingredient();
        $teacher->kitchen->ownIngredients()->create([
            'teacher_id' => $teacher->id, 'ingredient_id' => $new->id, 'family' => $new->family->value, 'grams' => (string) $new->grams,
            'allergens' => $new->allergens, 'reason' => $request->string('reason')->toString(),
        ]);

        return response()->json(['id' => $new->id], 201);
    }

    #[OA\Get(path: '/api/pantry/{ingredient}/measure', operationId: 'nearestMeasure', summary: 'Grams back to the nearest kitchen measure', parameters: [
        new OA\Parameter(name: 'ingredient', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'grams', in: 'query', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'By the first class\'s cup.', content: new OA\JsonContent(required: ['measure', 'exact', 'error_pct'], properties: [
            new OA\Property(property: 'measure', type: 'string'), new OA\Property(property: 'exact', type: 'boolean'), new OA\Property(property: 'error_pct', type: 'number', description: 'Of the measure against the grams.'),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function measure(MeasureRequest $request, string $ingredient): JsonResponse
    {
        $measure = $request->measure($ingredient);

        return response()->json(['measure' => Said::phrase(Phrase::of('working.amount', ['amount' => $measure])), 'exact' => $measure->exact, 'error_pct' => $measure->errorPct]);
    }

    #[OA\Delete(path: '/api/pantry/{ingredient}', operationId: 'backToReference', summary: 'Back to the reference weight; a food that was added is taken away', parameters: [
        new OA\Parameter(name: 'ingredient', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [new OA\Response(response: 204, description: 'Back.'), new OA\Response(ref: '#/components/responses/SignedOut', response: 401)])]
    public function destroy(Request $request, string $ingredient): Response
    {
        /** @var Teacher $teacher */
        $teacher = $request->user();
        $teacher->kitchen->ownWeights()->where('ingredient_id', $ingredient)->delete();
        $teacher->kitchen->ownIngredients()->where('ingredient_id', $ingredient)->delete();

        return response()->noContent();
    }
}
