<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Exchange\RecipeJsonLd;
use App\Http\Controllers\Controller;
use App\Http\FileAnswer;
use App\Models\Recipe;
use Illuminate\Support\Facades\Gate;

final class RecipeFileController extends Controller
{
    /** A recipe as a schema.org file. */
    public function show(Recipe $recipe): FileAnswer
    {
        Gate::authorize('use', $recipe);

        return FileAnswer::json(RecipeJsonLd::write($recipe->newest), $recipe->title, 'jsonld', 'application/ld+json');
    }
}
