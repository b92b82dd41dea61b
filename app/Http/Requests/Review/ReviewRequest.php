<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;
use App\Review\TermPart;

/** Which part of a term is looked at. */
final class ReviewRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'lab' => ['nullable', 'integer'], 'food' => ['nullable', 'string', 'max:60'],
            'from' => ['nullable', 'date_format:Y-m-d'], 'to' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    public function part(): TermPart
    {
        $text = fn (string $field): ?string => $this->filled($field) ? $this->string($field)->toString() : null;

        return new TermPart($this->filled('lab') ? $this->integer('lab') : null, $text('food'), $text('from'), $text('to'));
    }
}
