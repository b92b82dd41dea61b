<?php

declare(strict_types=1);

namespace App\Http\Requests\Lab;

use App\Http\Requests\ApiRequest;

/** What lies on a scale, and what it shows. */
final class ScaleCheckRequest extends ApiRequest
{
    protected function prepareForValidation(): void
    {
        $this->readNumbers('nominal_g', 'reading_g');
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'scale_id' => ['required', 'integer'],
            'nominal_g' => ['required', 'numeric', 'gt:0', 'max:100000'],
            'reading_g' => ['required', 'numeric', 'min:0', 'max:100000'],
        ];
    }
}
