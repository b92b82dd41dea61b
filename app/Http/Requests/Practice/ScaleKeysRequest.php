<?php

declare(strict_types=1);

namespace App\Http\Requests\Practice;

use App\Http\Requests\ApiRequest;

/** Keys pressed on the drawn scale of a question. */
final class ScaleKeysRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'max:40'], 'keys' => ['present', 'array', 'list', 'max:40'],
            'keys.*' => ['string', 'max:12'],
        ];
    }

    /** @return list<string> */
    public function keys(): array
    {
        return $this->texts('keys');
    }
}
