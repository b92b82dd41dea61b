<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\SettleRequest;
use App\Models\Recipe;
use App\Models\RecipeVersion;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class RecipeLineController extends Controller
{
    #[OA\Put(path: '/api/recipes/{recipe}/lines/{index}', operationId: 'settleLine', summary: 'Settle what a line of the newest version means, leave it out, or go back to how it was read', parameters: [
        new OA\Parameter(name: 'recipe', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(name: 'index', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['as'], properties: [
        new OA\Property(property: 'as', type: 'string', enum: ['settled', 'left-out', 'read']),
        new OA\Property(property: 'ingredient', type: 'string'), new OA\Property(property: 'amount', type: 'string'),
        new OA\Property(property: 'unit', type: 'string'), new OA\Property(property: 'method', type: 'string', nullable: true),
    ])), responses: [
        new OA\Response(response: 204, description: 'Kept.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function update(SettleRequest $request, Recipe $recipe, int $index): Response
    {
        Gate::authorize('use', $recipe);
        DB::transaction(function () use ($request, $recipe, $index): void {
            RecipeVersion::query()->where('recipe_id', $recipe->id)->lockForUpdate()->pluck('id');
            $version = $recipe->newest()->sole();
            $lines = $version->lines;
            if (! isset($lines[$index])) {
                throw ValidationException::withMessages(['index' => [__('refusals.not_found')]]);
            }
            $lines[$index] = ['text' => $lines[$index]['text'], 'settled' => $request->settled(), 'skip' => $request->string('as')->toString() === 'left-out'];
            $version->update(['lines' => $lines]);
        });

        return response()->noContent();
    }
}
