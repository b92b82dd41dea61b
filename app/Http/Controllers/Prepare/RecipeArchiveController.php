<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Models\Recipe;
use Illuminate\Http\Response;

final class RecipeArchiveController extends Controller
{
    /** Put a recipe away; labs made from it stay. */
    public function store(Recipe $recipe): Response
    {
        $recipe->update(['archived_at' => now()]);

        return response()->noContent();
    }

    /** Bring it back. */
    public function destroy(Recipe $recipe): Response
    {
        $recipe->update(['archived_at' => null]);

        return response()->noContent();
    }
}
