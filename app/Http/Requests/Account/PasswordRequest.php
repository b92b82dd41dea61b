<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\ApiRequest;

final class PasswordRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['current' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', 'max:200']];
    }
}
