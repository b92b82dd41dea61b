<?php

declare(strict_types=1);

namespace App\Http\Requests\Lab;

use App\Http\Requests\TypedNumber;
use Illuminate\Foundation\Http\FormRequest;

/** What lies on a scale, and what it shows. */
final class ScaleCheckRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        $this->merge(array_map(TypedNumber::read(...), $this->only(['nominal_g', 'reading_g'])));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['scale_id' => ['required', 'integer'], 'nominal_g' => ['required', 'numeric', 'gt:0', 'max:100000'], 'reading_g' => ['required', 'numeric', 'min:0', 'max:100000']];
    }
}
