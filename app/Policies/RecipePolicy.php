<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Recipe;
use App\Models\Teacher;
use Illuminate\Contracts\Auth\Authenticatable;

/** Recipes are their kitchen's: every teacher of it reads and changes them. */
final class RecipePolicy
{
    public function use(Authenticatable $actor, Recipe $recipe): bool
    {
        return $actor instanceof Teacher && $actor->role->teaches() && $actor->kitchen_id === $recipe->kitchen_id;
    }
}
