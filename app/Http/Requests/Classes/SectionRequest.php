<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Requests\ApiRequest;
use App\Http\Requests\PersonName;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\TolerancePolicy;
use Illuminate\Validation\Rule;

final class SectionRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80', new PersonName],
            'period' => ['sometimes', 'nullable', 'string', 'max:40'],
            'starts_at' => ['bail', 'required', 'string', 'date_format:H:i'],
            'ends_at' => ['bail', 'required', 'string', 'date_format:H:i', TimeAfter::field('starts_at')],
            'standard' => ['required', 'string', 'in:us_customary,us_label_240,metric_250,au'],
            'tolerance_level' => ['required', 'string', Rule::enum(ToleranceLevel::class)],
            'methods' => ['present', 'array', 'list', 'max:10'],
            'methods.*' => ['string', Rule::enum(HouseMethod::class)],
            'schools' => ['present', 'array', 'max:40'],
            'schools.*' => ['string', 'max:20'],
            'tolerances' => ['sometimes', 'nullable', 'array:percents,small_floor_g,floor_g'],
            'tolerances.percents' => ['present_with:tolerances', 'array', 'max:20'],
            'tolerances.percents.*' => ['numeric'],
            'tolerances.small_floor_g' => ['required_with:tolerances', 'numeric'],
            'tolerances.floor_g' => ['required_with:tolerances', 'numeric'],
            'shows_target' => ['required', 'boolean'],
            'asks_guess' => ['required', 'boolean'],
            'asks_prediction' => ['required', 'boolean'],
            'open_to_join' => ['required', 'boolean'],
        ];
    }

    protected function passedValidation(): void
    {
        HouseRules::of($this->array('schools')); // refuses what is no answer
        if ($this->filled('tolerances')) {
            TolerancePolicy::of(
                ToleranceLevel::from($this->string('tolerance_level')->toString()),
                array_map(floatval(...), array_filter($this->array('tolerances.percents'), is_numeric(...))),
                $this->float('tolerances.small_floor_g'),
                $this->float('tolerances.floor_g'),
            );
        }
    }
}
