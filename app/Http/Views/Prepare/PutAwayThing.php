<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\Lab;
use App\Models\Recipe;
use App\Models\Section;

final readonly class PutAwayThing extends View
{
    /** @param  string|null  $section  a lab's class */
    public function __construct(
        public int $id,
        public string $title,
        public ?string $section,
        public string $archived_at,
    ) {
    }

    public static function lab(Lab $lab, Section $section): self
    {
        return new self($lab->id, $lab->title, $section->name, (string) $lab->archived_at?->toJSON());
    }

    public static function recipe(Recipe $recipe): self
    {
        return new self($recipe->id, $recipe->title, null, (string) $recipe->archived_at?->toJSON());
    }
}
