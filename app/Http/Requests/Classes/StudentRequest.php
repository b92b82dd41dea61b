<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Requests\ApiRequest;
use App\Http\Requests\PersonName;
use Illuminate\Validation\Rule;

final class StudentRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $section = $this->route('section');

        return [
            'name' => ['required', 'string', 'max:40', new PersonName],
            'station_id' => ['present', 'nullable', 'integer', Rule::exists('stations', 'id')->where('section_id', $section->id ?? 0)],
        ];
    }
}
