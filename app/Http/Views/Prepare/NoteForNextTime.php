<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\RecipeNote;

/** What somebody wrote down when this recipe was used before. */
final readonly class NoteForNextTime extends View
{
    public function __construct(public string $lab, public string $day, public string $text)
    {
    }

    /** @return list<self> newest first */
    public static function all(?int $recipe): array
    {
        return array_values(RecipeNote::query()->where('recipe_id', $recipe)->get()->sortByDesc('day')
            ->map(static fn (RecipeNote $one): self => new self($one->lab, $one->day->toDateString(), $one->text))->values()->all());
    }
}
