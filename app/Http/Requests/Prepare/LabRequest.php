<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

/** What can be changed of a lab that is being prepared. */
final class LabRequest extends ClassPickRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:80'],
            'section' => ['required', 'integer'],
            'planned_for' => ['required', 'string', 'date_format:Y-m-d'],
            'retry_pct' => ['required', 'integer', 'min:0', 'max:200'],
        ];
    }
}
