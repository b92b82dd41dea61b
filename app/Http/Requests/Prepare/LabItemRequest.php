<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use Illuminate\Foundation\Http\FormRequest;

final class LabItemRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['strictness' => ['required', 'in:structural,flavour,free'], 'tolerance_pct' => ['present', 'nullable', 'numeric', 'min:0.1', 'max:100'], 'way' => ['sometimes', 'in:checked,weight,volume'], 'shared' => ['sometimes', 'boolean']];
    }
}
