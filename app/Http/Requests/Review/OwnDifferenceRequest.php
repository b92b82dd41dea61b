<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;

/** What a student says that their own two weighings differ by. */
final class OwnDifferenceRequest extends ApiRequest
{
    protected function prepareForValidation(): void
    {
        $this->readNumbers('grams');
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['student_id' => ['required', 'integer'], 'grams' => ['required', 'numeric', 'regex:/^\d{1,4}(\.\d{1,3})?$/']];
    }
}
