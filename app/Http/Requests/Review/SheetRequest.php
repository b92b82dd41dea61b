<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;

/** Whose sheet; nobody's in particular: everybody's. */
final class SheetRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['student' => ['nullable', 'integer']];
    }

    public function student(): ?int
    {
        return $this->filled('student') ? $this->integer('student') : null;
    }
}
