<?php

declare(strict_types=1);

namespace App\Http\Requests\School;

use App\Http\Requests\ApiRequest;

final class LogRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['before' => ['nullable', 'integer', 'min:1']];
    }
}
