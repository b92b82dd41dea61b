<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\RecipeRequest;
use App\Http\Views\Prepare\KeptVersion;
use App\Models\Recipe;
use App\Models\Teacher;
use App\Recipes\KeepRecipe;
use Illuminate\Container\Attributes\CurrentUser;

final class RecipeVersionController extends Controller
{
    /** A new version of a recipe, with a change note. */
    public function store(
        RecipeRequest $request, Recipe $recipe, KeepRecipe $keeping, #[CurrentUser('teacher')] Teacher $teacher,
    ): KeptVersion {
        return new KeptVersion($keeping->change($recipe, $teacher, $request->title(), $request->recipe(), $request->note())->number);
    }
}
