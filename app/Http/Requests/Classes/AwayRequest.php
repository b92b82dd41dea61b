<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Requests\ApiRequest;
use Illuminate\Support\Facades\Gate;

final class AwayRequest extends ApiRequest
{
    public function authorize(): bool
    {
        return Gate::allows('watch', $this->route('section'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['away' => ['required', 'boolean']];
    }
}
