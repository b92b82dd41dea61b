<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\RecipeRequest;
use App\Http\Requests\Prepare\SheetRequest;
use App\Http\Resources\Prepare\RecipeSheetResource;
use App\Models\Recipe;
use App\Models\Teacher;
use App\Recipes\KeepRecipe;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class RecipesController extends Controller
{
    #[OA\Get(path: '/api/recipes', operationId: 'recipes', summary: "The kitchen's recipes", responses: [
        new OA\Response(response: 200, description: 'Newest change first.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/RecipeSummary'))),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401),
    ])]
    public function index(Request $request): JsonResponse
    {
        /** @var Teacher $teacher */
        $teacher = $request->user();
        $recipes = Recipe::query()->with('newest')->where('kitchen_id', $teacher->kitchen_id)->where('archived_at', null)->get()
            ->sortByDesc(fn (Recipe $recipe) => $recipe->newest->created_at)->values()
            ->map(fn (Recipe $recipe): array => [
                'id' => $recipe->id, 'title' => $recipe->title, 'version' => $recipe->newest->number,
                'changed_at' => $recipe->newest->created_at->toJSON(), 'ingredients' => count($recipe->newest->lines),
            ]);

        return response()->json($recipes);
    }

    #[OA\Post(path: '/api/recipes', operationId: 'keepRecipe', summary: 'Keep a pasted recipe', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/RecipeText')), responses: [
        new OA\Response(response: 201, description: 'Kept.', content: new OA\JsonContent(required: ['id'], properties: [new OA\Property(property: 'id', type: 'integer')])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function store(RecipeRequest $request, KeepRecipe $keeping): JsonResponse
    {
        /** @var Teacher $teacher */
        $teacher = $request->user();

        return response()->json(['id' => $keeping->keep($teacher->kitchen, $teacher, $request->title(), $request->recipe())->id], 201);
    }

    #[OA\Get(path: '/api/recipes/{recipe}', operationId: 'recipe', summary: 'A recipe as a class reads it, at a factor', parameters: [
        new OA\Parameter(name: 'recipe', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(name: 'section', in: 'query', required: false, description: 'Whose cup and house methods; the first class where not given.', schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(name: 'factor', in: 'query', required: false, description: '`1/2`, `2`, `1 1/2`; 1 where not given.', schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'use_up_line', in: 'query', required: false, description: 'Instead of a factor: the line whose ingredient is to be used up ...', schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(name: 'use_up_g', in: 'query', required: false, description: '... and how many grams of it there are.', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'The sheet.', content: new OA\JsonContent(ref: '#/components/schemas/RecipeSheet')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function show(SheetRequest $request, Recipe $recipe): RecipeSheetResource
    {
        Gate::authorize('use', $recipe);

        return new RecipeSheetResource($request->sheet($recipe), $request->section());
    }

    #[OA\Post(path: '/api/recipes/{recipe}/versions', operationId: 'changeRecipe', summary: 'A new version of a recipe, with a change note', parameters: [
        new OA\Parameter(name: 'recipe', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/RecipeText')), responses: [
        new OA\Response(response: 201, description: 'Kept.', content: new OA\JsonContent(required: ['version'], properties: [new OA\Property(property: 'version', type: 'integer')])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function change(RecipeRequest $request, Recipe $recipe, KeepRecipe $keeping): JsonResponse
    {
        Gate::authorize('use', $recipe);
        /** @var Teacher $teacher */
        $teacher = $request->user();

        return response()->json(['version' => $keeping->change($recipe, $teacher, $request->title(), $request->recipe(), $request->note())->number], 201);
    }

    #[OA\Post(path: '/api/recipes/{recipe}/archive', operationId: 'archiveRecipe', summary: 'Put a recipe away; labs made from it stay', parameters: [
        new OA\Parameter(name: 'recipe', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 204, description: 'Archived.'),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function archive(Recipe $recipe): Response
    {
        Gate::authorize('use', $recipe);
        $recipe->update(['archived_at' => now()]);

        return response()->noContent();
    }
}
