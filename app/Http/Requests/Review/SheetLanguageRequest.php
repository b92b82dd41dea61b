<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;

/** The language of a student's own sheets; none: the class's. */
final class SheetLanguageRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['language' => ['present', 'nullable', 'string', 'in:en,es']];
    }
}
