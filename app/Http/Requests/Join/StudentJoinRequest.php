<?php

declare(strict_types=1);

namespace App\Http\Requests\Join;

use Illuminate\Foundation\Http\FormRequest;

final class StudentJoinRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'code' => ['required', 'string', 'max:12'],
            'student_id' => ['required', 'integer'],
            'pin' => ['required', 'string', 'digits:4'],
        ];
    }
}
