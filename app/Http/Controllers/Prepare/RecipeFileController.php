<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Exchange\RecipeJsonLd;
use App\Http\Controllers\Controller;
use App\Http\FileAnswer;
use App\Models\Recipe;

final class RecipeFileController extends Controller
{
    /** A recipe as a schema.org file. */
    public function show(Recipe $recipe): FileAnswer
    {
        return FileAnswer::json(RecipeJsonLd::write($recipe->newest), $recipe->title, 'jsonld', 'application/ld+json');
    }
}
