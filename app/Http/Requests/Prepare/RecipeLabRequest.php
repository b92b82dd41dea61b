<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Models\Recipe;
use App\Recipes\ScaledRecipe;
use App\Words\Said;
use Hovik\Core\Recipe\Sharing;
use Hovik\Core\Words\Phrase;
use Illuminate\Validation\Rule;

/** A lab to be made from a recipe: for whom, when, how much. */
final class RecipeLabRequest extends RecipeViewRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'section' => ['required', 'integer'],
            'planned_for' => ['required', 'string', 'date_format:Y-m-d'],
            'title' => ['nullable', 'string', 'max:80'],
            'for' => ['required', 'string', Rule::enum(Sharing::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['for' => Said::phrase(Phrase::of('refusal.for-whom'))];
    }

    /** As much of the recipe as each station makes. */
    public function atOneStation(Recipe $recipe): ScaledRecipe
    {
        $scaled = $this->scaled($recipe);
        $stations = max(1, $this->section()->stations->count());

        return $scaled->at(Sharing::from($this->string('for')->toString())->each($scaled->factor, $stations));
    }
}
