<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

/** A shared lab as text, for one of the teacher's classes and a day. */
final class BundleRequest extends ClassPickRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'section' => ['required', 'integer'], 'planned_for' => ['required', 'string', 'date_format:Y-m-d'],
            'text' => ['required', 'string', 'max:200000'],
        ];
    }
}
