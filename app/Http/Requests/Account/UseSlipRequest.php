<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\ApiRequest;
use App\Http\Requests\PersonName;

final class UseSlipRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['nullable', 'string', 'max:80', new PersonName], 'password' => ['required', 'string', 'max:200']];
    }
}
