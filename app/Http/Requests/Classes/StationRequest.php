<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Models\Section;
use App\Models\Station;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class StationRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var Section $section */
        $section = $this->route('section');
        $station = $this->route('station');

        return [
            'name' => ['required', 'string', 'max:40', Rule::unique('stations', 'name')->where('section_id', $section->id)->ignore($station instanceof Station ? $station->id : null)],
            'bowl_g' => ['sometimes', 'nullable', 'numeric', 'gt:0', 'lt:20000'],
        ];
    }
}
