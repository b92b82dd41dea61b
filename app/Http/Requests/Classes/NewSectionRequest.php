<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Requests\ApiRequest;
use App\Http\Requests\PersonName;

final class NewSectionRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80', new PersonName],
            'period' => ['sometimes', 'nullable', 'string', 'max:40'],
            'starts_at' => ['bail', 'required', 'string', 'date_format:H:i'],
            'ends_at' => ['bail', 'required', 'string', 'date_format:H:i', TimeAfter::field('starts_at')],
        ];
    }
}
