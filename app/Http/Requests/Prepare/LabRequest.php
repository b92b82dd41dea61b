<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use Illuminate\Foundation\Http\FormRequest;

final class LabRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['title' => ['required', 'string', 'max:80'], 'planned_for' => ['required', 'date_format:Y-m-d'], 'retry_pct' => ['required', 'integer', 'min:0', 'max:200']];
    }
}
