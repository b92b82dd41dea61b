<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

final class PortionsRequest extends SheetRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['section' => ['nullable', 'integer'], 'batch' => ['required', 'string', 'max:60'], 'each' => ['required', 'string', 'max:60']];
    }
}
