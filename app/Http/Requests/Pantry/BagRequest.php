<?php

declare(strict_types=1);

namespace App\Http\Requests\Pantry;

use App\Http\Requests\ApiRequest;

/** A new bag of a food. */
final class BagRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:60'], 'opened_on' => ['required', 'date_format:Y-m-d']];
    }
}
