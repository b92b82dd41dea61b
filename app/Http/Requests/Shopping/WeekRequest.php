<?php

declare(strict_types=1);

namespace App\Http\Requests\Shopping;

use App\Http\Requests\ApiRequest;
use Illuminate\Support\Carbon;

final class WeekRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['day' => ['sometimes', 'string', 'date_format:Y-m-d', 'after:2020-01-01', 'before:2100-01-01']];
    }

    public function day(): ?Carbon
    {
        return $this->has('day') ? Carbon::createFromFormat('!Y-m-d', $this->string('day')->toString()) : null;
    }
}
