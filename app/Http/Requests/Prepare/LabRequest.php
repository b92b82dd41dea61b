<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;

final class LabRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:80'],
            'planned_for' => ['required', 'string', 'date_format:Y-m-d'],
            'retry_pct' => ['required', 'integer', 'min:0', 'max:200'],
        ];
    }
}
