<?php

declare(strict_types=1);

namespace App\Http\Requests\Join;

use App\Http\Requests\ApiRequest;

final class StudentJoinRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'code' => ['required', 'string', 'max:12'],
            'student_id' => ['required', 'integer'],
            'pin' => ['required', 'string', 'digits:4'],
        ];
    }
}
