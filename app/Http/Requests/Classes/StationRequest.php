<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Requests\ApiRequest;
use App\Http\Requests\PersonName;
use App\Models\Station;
use Illuminate\Validation\Rule;

final class StationRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $section = $this->route('section');
        $station = $this->route('station');

        return [
            'name' => [
                'required', 'string', 'max:40', new PersonName,
                Rule::unique('stations', 'name')->where('section_id', $section->id ?? 0)->ignore(
                    $station instanceof Station
                        ? $station->id
                        : null,
                ),
            ],
            'bowl_g' => ['sometimes', 'nullable', 'numeric', 'min:1', 'lt:20000'],
            'renew' => ['sometimes', 'boolean'],
        ];
    }
}
