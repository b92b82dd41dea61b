<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\Recipe;

final readonly class RecipeSummary extends View
{
    public function __construct(
        public int $id,
        public string $title,
        public int $version,
        public string $changed_at,
        public int $ingredients,
    ) {
    }

    public static function of(Recipe $recipe): self
    {
        $newest = $recipe->newest;

        return new self($recipe->id, $recipe->title, $newest->number, $newest->created_at->toJSON(), $newest->ingredientCount());
    }
}
