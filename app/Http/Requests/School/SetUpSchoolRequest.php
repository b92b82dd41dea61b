<?php

declare(strict_types=1);

namespace App\Http\Requests\School;

use App\Auth\Password;
use App\Http\Requests\PersonName;

/** The four questions of an empty installation: school, time zone and language, cup, first teacher; and the code from the terminal. */
final class SetUpSchoolRequest extends SchoolRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'code' => ['required', 'string', 'max:40'],
            'teacher' => ['required', 'string', 'max:80', new PersonName],
            'email' => ['required', 'string', 'email', 'max:190'],
            'password' => ['required', 'string', 'max:200'],
        ];
    }

    protected function passedValidation(): void
    {
        Password::refuseBad(
            $this->string('password')->toString(), $this->string('teacher')->toString(), $this->mail(), $this->string('name')->toString(),
        );
    }
}
