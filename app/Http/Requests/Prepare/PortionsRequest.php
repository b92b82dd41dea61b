<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

final class PortionsRequest extends ClassPickRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'batch' => ['required', 'string', 'max:60'], 'each' => ['required', 'string', 'max:60']];
    }
}
