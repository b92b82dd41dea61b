<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;

/** Whose cups a recipe is written in; none for the class's own. */
final class RecipeStandardRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['standard' => ['present', 'nullable', 'string', 'in:us_customary,us_label_240,metric_250,au']];
    }
}
