<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\RecipeVersion;

final readonly class RecipeVersionRow extends View
{
    public function __construct(
        public int $number,
        public ?string $note,
        public string $by,
        public string $at,
    ) {
    }

    public static function of(RecipeVersion $version): self
    {
        return new self($version->number, $version->note, $version->teacher->name, $version->created_at->toJSON());
    }
}
