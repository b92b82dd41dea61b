<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;

/** Of which lab, or of which food, it is asked who makes the miss; of neither: the term. */
final class MissRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['lab' => ['nullable', 'integer'], 'food' => ['nullable', 'string', 'max:60']];
    }
}
