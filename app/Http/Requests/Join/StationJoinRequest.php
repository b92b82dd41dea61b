<?php

declare(strict_types=1);

namespace App\Http\Requests\Join;

use Illuminate\Foundation\Http\FormRequest;

final class StationJoinRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:16']];
    }
}
