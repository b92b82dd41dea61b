<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Schools;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ClassSettings', required: ['name', 'starts_at', 'ends_at', 'standard', 'tolerance_level', 'methods', 'schools', 'shows_target', 'asks_guess', 'asks_prediction', 'open_to_join'], properties: [
    new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'starts_at', type: 'string', example: '10:05'), new OA\Property(property: 'ends_at', type: 'string', example: '10:52'),
    new OA\Property(property: 'standard', type: 'string', enum: ['us_customary', 'us_label_240', 'metric_250', 'au']),
    new OA\Property(property: 'tolerance_level', type: 'string', enum: ['getting-started', 'practised', 'exacting']),
    new OA\Property(property: 'methods', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'schools', type: 'object', description: 'Answers by question; those not there are as usual.', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    new OA\Property(property: 'shows_target', type: 'boolean'), new OA\Property(property: 'asks_guess', type: 'boolean', description: 'A student names a cause before the ranking is shown.'), new OA\Property(property: 'asks_prediction', type: 'boolean', description: 'A student says what it will be before the weight is in.'), new OA\Property(property: 'open_to_join', type: 'boolean'),
])]
final class ClassRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'starts_at' => ['required', 'date_format:H:i'],
            'ends_at' => ['required', 'date_format:H:i', 'after:starts_at'],
            'standard' => ['required', 'in:us_customary,us_label_240,metric_250,au'],
            'tolerance_level' => ['required', 'in:getting-started,practised,exacting'],
            'methods' => ['present', 'array', 'list', 'max:10'],
            'methods.*' => [Rule::enum(HouseMethod::class)],
            'schools' => ['present', 'array', 'max:20'],
            'schools.*' => ['string', 'max:20'],
            'shows_target' => ['required', 'boolean'],
            'asks_guess' => ['required', 'boolean'],
            'asks_prediction' => ['required', 'boolean'],
            'open_to_join' => ['required', 'boolean'],
        ];
    }

    protected function passedValidation(): void
    {
        Schools::of($this->array('schools')); // refuses what is no answer
    }
}
