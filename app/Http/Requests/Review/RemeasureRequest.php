<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;

/** A food that the class measures once more. */
final class RemeasureRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['food' => ['required', 'string', 'max:60']];
    }
}
