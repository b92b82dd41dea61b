<?php

declare(strict_types=1);

namespace App\Http\Requests\SignIn;

use App\Http\Requests\ApiRequest;

final class TeacherSignInRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', 'string', 'max:200']];
    }
}
