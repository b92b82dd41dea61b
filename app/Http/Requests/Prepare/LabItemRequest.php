<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Weighing\Strictness;
use Illuminate\Validation\Rule;

final class LabItemRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'strictness' => ['required', 'string', Rule::enum(Strictness::class)],
            'tolerance_pct' => ['present', 'nullable', 'numeric', 'min:0.1', 'max:100'],
            'mode' => ['sometimes', 'string', Rule::enum(MeasuringMode::class)],
            'shared' => ['sometimes', 'boolean'],
        ];
    }
}
