<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;
use App\Http\Requests\Classes\TimeAfter;

/** From bell to bell. */
final class LabHoursRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'starts_at' => ['bail', 'required', 'string', 'date_format:H:i'],
            'ends_at' => ['bail', 'required', 'string', 'date_format:H:i', TimeAfter::field('starts_at')],
        ];
    }
}
