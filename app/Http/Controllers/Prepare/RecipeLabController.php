<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\RecipeLabRequest;
use App\Models\Recipe;
use App\Recipes\MakeLab;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class RecipeLabController extends Controller
{
    #[OA\Post(path: '/api/recipes/{recipe}/labs', operationId: 'makeLab', summary: 'Make a lab from a recipe', parameters: [
        new OA\Parameter(name: 'recipe', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['section', 'planned_for', 'for'], properties: [
        new OA\Property(property: 'for', type: 'string', nullable: true, enum: ['class', 'station', null], description: 'Whether the factor is what the class makes in all, or what each station makes.'),
        new OA\Property(property: 'section', type: 'integer'), new OA\Property(property: 'planned_for', type: 'string', format: 'date'),
        new OA\Property(property: 'factor', type: 'string'), new OA\Property(property: 'title', type: 'string', nullable: true),
    ])), responses: [
        new OA\Response(response: 201, description: 'Made; not open yet.', content: new OA\JsonContent(required: ['id'], properties: [new OA\Property(property: 'id', type: 'integer')])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Refused', response: 409), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function store(RecipeLabRequest $request, Recipe $recipe, MakeLab $making): JsonResponse
    {
        Gate::authorize('use', $recipe);
        $title = $request->string('title')->trim()->toString();
        $sheet = $request->sheet($recipe);
        $section = $request->section();
        $each = $request->sharing()->each($sheet->factor, max(1, $section->stations->count()));
        $lab = $making->make($sheet, $each, $section, $title === '' ? mb_substr($recipe->title, 0, 80) : $title, $request->string('planned_for')->toString());

        return response()->json(['id' => $lab->id], 201);
    }
}
