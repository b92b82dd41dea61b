<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\RecipeRequest;
use App\Http\Requests\Prepare\RecipeViewRequest;
use App\Http\Views\Made;
use App\Http\Views\Prepare\RecipePage;
use App\Http\Views\Prepare\RecipeSummary;
use App\Models\Recipe;
use App\Models\Teacher;
use App\Recipes\KeepRecipe;
use Illuminate\Container\Attributes\CurrentUser;

final class RecipeController extends Controller
{
    /**
     * The kitchen's recipes, the newest change first.
     *
     * @return list<RecipeSummary>
     */
    public function index(#[CurrentUser('teacher')] Teacher $teacher): array
    {
        return array_values(Recipe::query()->with('newest')->where('kitchen_id', $teacher->kitchen_id)->where('archived_at', null)->get()
            ->sortByDesc(fn (Recipe $recipe) => $recipe->newest->created_at)->map(RecipeSummary::of(...))->all());
    }

    /** Keep a pasted recipe. */
    public function store(RecipeRequest $request, KeepRecipe $keeping, #[CurrentUser('teacher')] Teacher $teacher): Made
    {
        return new Made($keeping->keep($teacher->kitchen, $teacher, $request->title(), $request->recipe())->id);
    }

    /** A recipe as a class reads it, at a factor, or so that something is used up. */
    public function show(RecipeViewRequest $request, Recipe $recipe): RecipePage
    {
        return RecipePage::of($request->scaled($recipe), $request->section());
    }
}
