<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Models\Kitchen;
use App\Models\Recipe;
use App\Models\RecipeVersion;
use App\Models\Teacher;
use Hovik\Core\Recipe\Directions\ProposedSteps;
use Hovik\Core\Recipe\LineMatching;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\Recipe as ReadRecipe;
use Illuminate\Support\Facades\DB;

/** Stores a recipe as read, and new versions of it. */
final class KeepRecipe
{
    public function keep(Kitchen $kitchen, Teacher $teacher, string $title, ReadRecipe $read): Recipe
    {
        return DB::transaction(function () use ($kitchen, $teacher, $title, $read): Recipe {
            $recipe = Recipe::query()->create(['kitchen_id' => $kitchen->id, 'title' => $title]);
            $this->version($recipe, $teacher, $read, null);

            return $recipe;
        });
    }

    /** A new version; what was settled about a line stays with the line. */
    public function change(Recipe $recipe, Teacher $teacher, string $title, ReadRecipe $read, string $note): RecipeVersion
    {
        return DB::transaction(function () use ($recipe, $teacher, $title, $read, $note): RecipeVersion {
            Recipe::query()->whereKey($recipe->id)->lockForUpdate()->value('id');
            $recipe->update(['title' => $title]);

            return $this->version($recipe, $teacher, $read, $note);
        });
    }

    private function version(Recipe $recipe, Teacher $teacher, ReadRecipe $read, ?string $note): RecipeVersion
    {
        $before = $recipe->versions()->first();
        $number = 1 + ($before->number ?? 0);

        $pantry = $recipe->kitchen->pantry();
        $lines = LineMatching::carryOver($before->lines ?? [], $read->lines, $number, new LineReader($pantry));

        return $recipe->versions()->create([
            'teacher_id' => $teacher->id,
            'number' => $number,
            'makes' => $read->makes,
            'note' => $note,
            'lines' => $lines,
            'directions' => (new ProposedSteps($pantry, $lines))->of($read->directions, $before->directions ?? []),
        ]);
    }
}
