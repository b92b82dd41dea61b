<?php

declare(strict_types=1);

namespace App\Http\Requests\School;

use App\Http\Requests\PersonName;

/** Who is invited to the school. */
final class SlipRequest extends PersonRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...array_diff_key(parent::rules(), ['active' => true]),
            'name' => ['required', 'string', 'max:80', new PersonName],
            'email' => ['required', 'string', 'email', 'max:190'],
            'mail' => ['required', 'boolean'],
        ];
    }
}
