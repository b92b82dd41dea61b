<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use Hovik\Core\Recipe\Sharing;

/** A lab to be made from a recipe: for whom, when, how much. */
final class RecipeLabRequest extends SheetRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [...parent::rules(), 'section' => ['required', 'integer'], 'planned_for' => ['required', 'date_format:Y-m-d'], 'title' => ['nullable', 'string', 'max:80'], 'for' => ['required', 'string', 'in:class,station']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['for.*' => __('refusals.for_whom')];
    }

    public function sharing(): Sharing
    {
        return Sharing::from($this->string('for')->toString());
    }
}
