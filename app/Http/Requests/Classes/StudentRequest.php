<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Models\Section;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class StudentRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var Section $section */
        $section = $this->route('section');

        return [
            'name' => ['required', 'string', 'max:40', 'not_regex:~[<>{}]~'],
            'station_id' => ['present', 'nullable', 'integer', Rule::exists('stations', 'id')->where('section_id', $section->id)],
            'reset_pin' => ['nullable', 'boolean'],
        ];
    }
}
