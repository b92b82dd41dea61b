<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use Hovik\Core\Technique\HouseMethod;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ClassSettings', required: ['name', 'starts_at', 'ends_at', 'standard', 'tolerance_level', 'methods', 'shows_target', 'open_to_join'], properties: [
    new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'starts_at', type: 'string', example: '10:05'), new OA\Property(property: 'ends_at', type: 'string', example: '10:52'),
    new OA\Property(property: 'standard', type: 'string', enum: ['us_customary', 'us_label_240', 'metric_250', 'au']),
    new OA\Property(property: 'tolerance_level', type: 'string', enum: ['getting-started', 'practised', 'exacting']),
    new OA\Property(property: 'methods', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'shows_target', type: 'boolean'), new OA\Property(property: 'open_to_join', type: 'boolean'),
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
            'shows_target' => ['required', 'boolean'],
            'open_to_join' => ['required', 'boolean'],
        ];
    }
}
