<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\RecipeLabRequest;
use App\Http\Views\Made;
use App\Models\Recipe;
use App\Recipes\MakeLab;

final class RecipeLabController extends Controller
{
    /** Make a lab from a recipe: for the class, or at each station. */
    public function store(RecipeLabRequest $request, Recipe $recipe, MakeLab $making): Made
    {
        $title = $request->string('title')->trim()->toString();
        $title = $title === '' ? mb_substr($recipe->title, 0, 80) : $title;

        return new Made(
            $making->make($request->atOneStation($recipe), $request->section(), $title, $request->string('planned_for')->toString())->id,
        );
    }
}
