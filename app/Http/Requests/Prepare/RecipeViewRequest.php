<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Models\Recipe;
use App\Recipes\ScaledRecipe;
use Hovik\Core\InvalidInput;
use Hovik\Core\Recipe\Factor;

/** Which class reads a recipe, and how much of it. */
class RecipeViewRequest extends ClassPickRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'factor' => ['nullable', 'string', 'max:40'],
            'use_up_line' => ['nullable', 'string', 'max:20'],
            'use_up_g' => ['nullable', 'required_with:use_up_line', 'numeric', 'min:0.1', 'max:1000000'],
        ];
    }

    /** @throws InvalidInput when the factor is no number above zero */
    public function scaled(Recipe $recipe): ScaledRecipe
    {
        $factor = Factor::of($this->filled('factor') ? $this->string('factor')->toString() : '1');
        $scaled = ScaledRecipe::of($recipe->newest, $this->section(), $factor);

        return $this->filled('use_up_line')
                ? $scaled->usingUp($this->string('use_up_line')->toString(), $this->float('use_up_g'))
                : $scaled;
    }
}
