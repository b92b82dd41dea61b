<?php

declare(strict_types=1);

namespace App\Http\Requests\School;

use App\Http\Requests\ApiRequest;
use App\Http\Requests\PersonName;
use App\School\Spelling;
use Illuminate\Validation\Rule;

/** What holds for a whole school. */
class SchoolRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120', new PersonName],
            'time_zone' => ['required', 'string', 'timezone:all'],
            'language' => ['required', 'string', 'in:en,es'],
            'spelling' => ['required', 'string', Rule::enum(Spelling::class)],
            'decimal_sign' => ['required', 'string', 'in:device,point,comma'],
            'standard' => ['required', 'string', 'in:us_customary,us_label_240,metric_250,au'],
            'year_ends' => ['sometimes', 'string', 'date_format:m-d'],
            'kept_years' => ['sometimes', 'nullable', 'integer', 'between:0,10'],
            'photos' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, mixed> columns of the school */
    public function settings(): array
    {
        return $this->safe()->only([
            'name', 'time_zone', 'language', 'spelling', 'decimal_sign', 'standard', 'year_ends', 'kept_years', 'photos',
        ]);
    }
}
