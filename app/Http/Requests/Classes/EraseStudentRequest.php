<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Requests\ApiRequest;
use App\Models\Student;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** To erase a student, their name is typed: what cannot be taken back is no slip of a finger. */
final class EraseStudentRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:40']];
    }

    protected function passedValidation(): void
    {
        $student = $this->route('student');
        if (! $student instanceof Student || mb_strtolower($this->string('name')->trim()->toString()) !== mb_strtolower($student->name)) {
            throw InvalidInput::because('name', Phrase::of('refusal.not-its-name'));
        }
    }
}
