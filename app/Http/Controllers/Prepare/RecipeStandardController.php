<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\RecipeStandardRequest;
use App\Models\Recipe;
use Illuminate\Http\Response;

final class RecipeStandardController extends Controller
{
    /** Say whose cups a recipe is written in; labs already made keep theirs. */
    public function update(RecipeStandardRequest $request, Recipe $recipe): Response
    {
        $recipe->update(['standard' => $request->validated('standard')]);

        return response()->noContent();
    }
}
